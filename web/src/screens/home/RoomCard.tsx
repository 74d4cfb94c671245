import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { reachable } from "../../theme/theme";
import { counted, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { PieceDialog } from "./PieceDialog";
import { PieceRow } from "./PieceRow";
import { RoomColours } from "./RoomColours";

function ceiling(room: Schemas["RoomOfHome"], units: Units): string {
  const { ceiling_left_m: left, ceiling_right_m: right } = room;
  return left === right
    ? `ceiling ${length(left, units)}`
    : `ceiling ${length(left, units)} to ${length(right, units)}`;
}

interface Props {
  room: Schemas["RoomOfHome"];
  home: { id: string; name: string };
  scale: number;
}

export function RoomCard({ room, home, scale }: Props) {
  const units = useUnits();
  const [adding, setAdding] = useState(false);
  return (
    <Paper variant="outlined" sx={{ mb: 2 }} component="section" aria-label={room.name}>
      <Box
        sx={{
          display: "flex",
          alignItems: "baseline",
          gap: 2,
          px: 2,
          pt: 1.5,
          pb: { xs: 2.5, sm: 1 },
          flexWrap: "wrap",
        }}
      >
        <Typography variant="h3" component="h2">
          <Link component={RouterLink} to={`/rooms/${room.id}`} color="inherit" sx={reachable}>
            {room.name}
          </Link>
        </Typography>
        <Typography variant="body2" color="textSecondary" sx={{ flex: 1, minWidth: 200 }}>
          {length(room.width_m, units)} × {length(room.depth_m, units)}, {ceiling(room, units)}
          {room.places.length === 0
            ? ", no place for a tree noted"
            : `, ${room.places.map((place) => place.name.toLowerCase()).join(", ")}`}
          {room.wreaths > 0 && ` · ${counted(room.wreaths, "wreath")}`}
        </Typography>
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          <Button size="small" component={RouterLink} to={`/rooms/${room.id}/view`}>
            Room view
          </Button>
          <Button size="small" component={RouterLink} to={`/rooms/${room.id}`}>
            Survey
          </Button>
          <Button size="small" startIcon={<Add />} onClick={() => setAdding(true)}>
            Add a piece
          </Button>
        </Box>
      </Box>
      <RoomColours colours={room.colours} />
      {room.pieces.map((piece) => (
        <PieceRow key={piece.id} piece={piece} home={home} scale={scale} />
      ))}
      {adding && <PieceDialog room={room} onClose={() => setAdding(false)} />}
    </Paper>
  );
}
