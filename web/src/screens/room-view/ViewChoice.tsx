import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];

/** Which of a room's places one looks from. */
export function ViewChoice({
  room,
  view,
  choose,
}: {
  room: Room;
  view: View | undefined;
  choose: (id: string) => void;
}) {
  return (
    <Box sx={{ px: 2, pt: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", justifyContent: "space-between", gap: 1 }}>
        <Typography variant="h3" component="h2">
          {view ? `Seen from: ${view.name}` : "Nobody looks yet"}
        </Typography>
        <Typography variant="caption" color="textSecondary" sx={{ whiteSpace: "nowrap" }}>
          counted as lit
        </Typography>
      </Box>
      {!view && (
        <Typography variant="body2" color="textSecondary">
          Add a place people look from: a door, a sofa, a seat. It tells what leads and what nobody sees.
        </Typography>
      )}
      {room.views.length > 1 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view?.id ?? null}
          onChange={(_, id: string | null) => id && choose(id)}
          aria-label="Seen from"
          sx={{ mt: 1, flexWrap: "wrap", width: "100%", "& button": { flex: 1, textTransform: "none", py: 0.25 } }}
        >
          {room.views.map(({ id, name }) => (
            <ToggleButton key={id} value={id}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
    </Box>
  );
}
