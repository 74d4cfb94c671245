import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import { MoreMenu } from "../../parts/MoreMenu";
import { amount } from "../../units/amount";
import { minutes } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { WHYS, type Piece, type Thing } from "./stripWords";

interface Props {
  piece: Piece;
  onSay: (thing: Thing, stays: boolean | null) => void;
  /** Something broke or is lost. */
  onEnter: (thing: Thing) => void;
}

/** What of one piece goes, and into which box; what stays. Pressed again, a thing is as its tag and its look say. */
export function StripPiece({ piece, onSay, onEnter }: Props) {
  const units = useUnits();
  return (
    <Box
      component="section"
      aria-label={piece.name}
      sx={{ mb: 2, p: 2, bgcolor: "background.paper", borderRadius: 1, border: 1, borderColor: "divider" }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, mb: 0.5 }}>
        {piece.portrait && <PortraitRow portraits={[piece.portrait]} width={56} height={48} />}
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography variant="h2">{piece.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {piece.room}
          </Typography>
        </Box>
        {piece.minutes > 0 && (
          <Typography sx={{ fontWeight: 600, whiteSpace: "nowrap" }}>{minutes(piece.minutes)} to take down</Typography>
        )}
      </Box>
      {piece.things.length === 0 && (
        <Typography color="textSecondary">
          {piece.reckoned ? "Nothing of the stock is on it." : "Still being reckoned …"}
        </Typography>
      )}
      {piece.things.map((thing, i) => (
        <Box
          key={thing.style}
          sx={{
            display: "flex",
            alignItems: "center",
            flexWrap: { xs: "wrap", sm: "nowrap" },
            gap: 1.25,
            py: 0.75,
            borderTop: 1,
            borderColor: "divider",
          }}
        >
          <Thumbnail thing={thing} place={i} size={30} />
          <Box sx={{ flex: 1, minWidth: 160 }}>
            <Typography>
              <Box component="span" sx={{ fontVariantNumeric: "tabular-nums" }}>
                {amount(thing.count, thing.kind, units)}
              </Box>{" "}
              {thing.label}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {WHYS[thing.why]}
            </Typography>
          </Box>
          {!thing.stays && (
            <Typography variant="body2" sx={{ whiteSpace: "nowrap" }}>
              {thing.boxes[0] ? `→ box ${thing.boxes[0].number}` : "no box yet"}
            </Typography>
          )}
          <ToggleButtonGroup
            exclusive
            size="small"
            value={thing.stays ? "stays" : "goes"}
            onChange={(_, next: string | null) => onSay(thing, next === null ? null : next === "stays")}
            aria-label={`${thing.label} after the day`}
          >
            <ToggleButton value="goes">Goes</ToggleButton>
            <ToggleButton value="stays">Stays</ToggleButton>
          </ToggleButtonGroup>
          <MoreMenu
            label={`More about ${thing.label} on ${piece.name}`}
            entries={[{ label: "Some broke, or are lost", run: () => onEnter(thing) }]}
          />
        </Box>
      ))}
    </Box>
  );
}
