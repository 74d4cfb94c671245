import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { Caution } from "../../parts/Caution";
import { SeenAndWanted, sharesTold } from "../../parts/SeenAndWanted";
import { length, percent, ratio, type Units } from "../../units/format";
import { Offers } from "./Offers";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];
type Offer = Schemas["ViewOffer"];

interface Props {
  room: Room;
  view: View | undefined;
  units: Units;
  open: (working: string) => void;
  apply: (offer: Offer) => Promise<void>;
  busy: boolean;
}

/** What leads from a place, the colours it shows, what would quiet it, and what the room as a whole wants. */
export function ViewPane({ room, view, units, open, apply, busy }: Props) {
  const findings = [...(view?.findings ?? []), ...room.findings];
  const names = new Map(room.standings.map(({ id, name }) => [id, name]));
  const unseen = room.unseen.map((id) => names.get(id) ?? "").filter(Boolean);
  const least = room.ways[0];
  return (
    <Box sx={{ p: 2, display: "flex", flexDirection: "column", gap: 1.5, flex: 1, overflowWrap: "anywhere" }}>
      {view && <Weights view={view} bounds={room.bounds} units={units} open={open} />}
      {view?.colours && (
        <Box component="section" aria-label="Colour really seen">
          <Box sx={{ display: "flex", alignItems: "baseline", justifyContent: "space-between" }}>
            <Typography variant="h3">Colour really seen</Typography>
            <Typography variant="caption" color="textSecondary">
              against {view.colours.look.name}
            </Typography>
          </Box>
          <SeenAndWanted shares={view.colours.shares} height={24} />
          <Typography variant="caption" color="textSecondary" component="p">
            {sharesTold(view.colours.shares)}
          </Typography>
        </Box>
      )}
      <Box sx={{ display: "flex", flexDirection: "column", gap: 1 }}>
        {findings.map((finding, i) => (
          <Caution key={`${finding.code} ${i}`} finding={finding} />
        ))}
        {room.walls.flatMap((wall) =>
          (wall.balance?.findings ?? []).map((finding) => (
            <Caution
              key={`${wall.key} ${finding.code}`}
              finding={{ ...finding, message: `${wall.name}: ${finding.message}` }}
            />
          )),
        )}
        {unseen.length > 0 && (
          <Caution finding={{ severity: "info", message: `Seen from nowhere: ${unseen.join(", ")}.` }} />
        )}
        {view?.verdict === "competing" && <Offers view={view} apply={apply} busy={busy} units={units} />}
      </Box>
      <Box sx={{ flex: 1 }} />
      <Box
        sx={(theme) => ({
          display: "flex",
          justifyContent: "space-between",
          borderTop: `2px solid ${theme.palette.tokens.ink}`,
          pt: 1,
          fontSize: "0.8125rem",
        })}
      >
        <span>
          Loud <strong>{view ? `${view.loud} of ${view.seen.length}` : "none"}</strong>
        </span>
        <span>
          Unseen <strong>{unseen.length === 0 ? "none" : unseen.length}</strong>
        </span>
        <span>
          Least way <strong>{least ? length(least.width_m, units) : "wide"}</strong>
        </span>
      </Box>
    </Box>
  );
}

function Weights({
  view,
  bounds,
  units,
  open,
}: {
  view: View;
  bounds: Room["bounds"];
  units: Units;
  open: (working: string) => void;
}) {
  const { tokens } = useTheme().palette;
  const colour = { first: tokens.spruce, competing: tokens.brick, answered: tokens.lichen, clear: tokens.edge };
  return (
    <Box component="section" aria-label="Weight in the view">
      <ButtonBase
        onClick={() => open(`weights:${view.id}`)}
        sx={{ font: "inherit", borderBottom: `1px dotted ${tokens.edge}`, fontWeight: 600, fontSize: "0.875rem" }}
      >
        Weight in the view
      </ButtonBase>
      {view.seen.length === 0 && (
        <Typography variant="body2" color="textSecondary">
          No piece is seen from here.
        </Typography>
      )}
      {view.seen.length > 0 && (
        <Box sx={{ position: "relative", pt: 2.5, mt: 0.5 }}>
          <Box aria-hidden sx={{ position: "absolute", inset: 0, fontSize: 11.5, color: tokens.quiet }}>
            <Band from={bounds.clear} to={bounds.competing} fill={tokens.frost} word="answered" />
            <Band from={bounds.competing} to={1} fill={tokens.brickWash} word="competing" />
          </Box>
          {view.seen.map((one) => (
            <Box key={one.id} sx={{ position: "relative", mb: 0.75 }}>
              <Box sx={{ display: "flex", gap: 1, alignItems: "baseline", fontSize: "0.8125rem" }}>
                <Box
                  component="span"
                  sx={{ fontWeight: one.word === "clear" ? 400 : 600, minWidth: 0, overflowWrap: "anywhere" }}
                >
                  {one.name}
                </Box>
                <Box
                  component="span"
                  sx={{
                    color: one.word === "competing" ? tokens.brick : tokens.quiet,
                    fontWeight: one.word === "competing" ? 700 : 400,
                    flex: 1,
                  }}
                >
                  {one.word === "clear" ? "" : one.word}
                  {one.elsewhere ? `${one.word === "clear" ? "" : ", "}in the ${one.elsewhere}` : ""}
                </Box>
                <strong>{ratio(one.ratio)}</strong>
              </Box>
              <Box sx={{ height: 6, bgcolor: "action.hover", borderRadius: "1px" }}>
                <Box
                  sx={{ height: 6, width: percentWidth(one.ratio), bgcolor: colour[one.word], borderRadius: "1px" }}
                />
              </Box>
              <Typography variant="caption" color="textSecondary" component="p" sx={{ lineHeight: 1.4 }}>
                {percent(one.share)} of it, {length(one.distance_m, units)} away
              </Typography>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

const percentWidth = (share: number) => `${Math.max(share * 100, 1).toFixed(1)}%`;

function Band({ from, to, fill, word }: { from: number; to: number; fill: string; word: string }) {
  return (
    <Box
      sx={{
        position: "absolute",
        top: 0,
        bottom: 0,
        left: `${from * 100}%`,
        width: `${(to - from) * 100}%`,
        bgcolor: fill,
        textAlign: "center",
        overflow: "hidden",
      }}
    >
      {word}
    </Box>
  );
}
