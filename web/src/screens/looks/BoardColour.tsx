import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { amount } from "../../units/amount";
import { count, counted } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";

function Tile({ thing, place }: { thing: Schemas["StockThing"]; place: number }) {
  const units = useUnits();
  return (
    <Box component="li" sx={{ width: 104, textAlign: "center" }}>
      <Box sx={{ display: "flex", justifyContent: "center" }}>
        <Thumbnail thing={thing} place={place} size={64} />
      </Box>
      <Typography variant="body2" sx={{ fontWeight: 600, lineHeight: 1.25, mt: 0.5 }}>
        {thing.name}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {amount(thing.on_hand, thing.kind, units)}
        {thing.apart !== undefined && ` · ΔE ${Math.round(thing.apart)}`}
      </Typography>
      {thing.role === "change" && (
        <Typography variant="body2" color="secondary">
          this year’s layer
        </Typography>
      )}
    </Box>
  );
}

const tiles = { m: 0, p: 0, mt: 1, listStyle: "none", display: "flex", flexWrap: "wrap", gap: 1.5 } as const;

/** One colour of a look, and what of the stock lies in it. */
export function BoardColour({ colour }: { colour: Schemas["BoardColour"] }) {
  return (
    <Box component="section" aria-label={colour.name} sx={{ pb: 2, mb: 2, borderBottom: 1, borderColor: "divider" }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, flexWrap: "wrap" }}>
        <Box
          aria-hidden
          sx={{ width: 14, height: 14, bgcolor: colour.srgb, borderRadius: "2px", alignSelf: "center" }}
        />
        <Typography variant="h3" component="h2">
          {colour.name}
        </Typography>
        <Typography>{colour.share_percent} %</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
          {colour.words}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {colour.to_hang > 0 ? `${count(colour.to_hang)} to hang` : "nothing to hang"}
        </Typography>
      </Box>
      {colour.things.length === 0 ? (
        <Typography color="textSecondary" sx={{ mt: 1 }}>
          Nothing of the stock is near it.
        </Typography>
      ) : (
        <Tiles things={colour.things} />
      )}
      {colour.more > 0 && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
          and {counted(colour.more, "kind of thing", "kinds of things")} more
        </Typography>
      )}
    </Box>
  );
}

/** Things of the stock side by side, each drawn as on the benches. */
export function Tiles({ things }: { things: Schemas["StockThing"][] }) {
  return (
    <Box component="ul" sx={tiles}>
      {things.map((thing, i) => (
        <Tile key={thing.id} thing={thing} place={i} />
      ))}
    </Box>
  );
}
