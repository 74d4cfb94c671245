import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { StageTool } from "../../bench/StageTools";
import { drawing as shadesOf } from "../../theme/tokens";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

type Room = Schemas["RoomView"];

/** The chosen piece in words, with what can be done with it. */
export function ChosenPiece({
  piece,
  room,
  dusk,
  say,
}: {
  piece: Schemas["Standing"];
  room: Room;
  dusk: boolean;
  say: () => void;
}) {
  const units = useUnits();
  const wall = room.walls.find(({ key }) => key === piece.wall);
  return (
    <Box sx={{ display: "flex", gap: 1, alignItems: "center", minWidth: 0 }}>
      <Typography variant="body2" noWrap sx={{ color: shadesOf[dusk ? "dusk" : "day"].label, minWidth: 0 }}>
        <strong>{piece.name}</strong> {length(piece.at_m, units)} from the left of {wall?.name}
      </Typography>
      <StageTool onClick={say}>Say where</StageTool>
      <StageTool component={RouterLink} to={`/pieces/${piece.id}`}>
        Its bench
      </StageTool>
    </Box>
  );
}
