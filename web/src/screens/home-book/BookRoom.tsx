import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { Pictures, Words } from "./Pictures";

/** A room as it was drawn, and of each piece drawing and photographs. */
export function BookRoom({ room }: { room: Schemas["HomeBook"]["rooms"][number] }) {
  return (
    <Box component="section" aria-label={room.name} sx={{ mb: 4 }}>
      <Typography variant="h2" gutterBottom>
        {room.name}
      </Typography>
      <Pictures of={room.name} pictures={{ "drawn, by day": [room.day], "drawn, by dusk": [room.dusk] }} />
      {room.pieces.map((piece) => (
        <Box key={piece.id} sx={{ borderTop: 1, borderColor: "divider", py: 1.5 }}>
          <Typography variant="h3">
            <Link component={RouterLink} to={`/pieces/${piece.id}`} color="inherit">
              {piece.name}
            </Link>
          </Typography>
          <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
            {piece.told}
          </Typography>
          <Pictures of={piece.name} pictures={{ drawn: [piece.drawn], before: piece.before, after: piece.after }} />
          <Words says={piece.client} />
        </Box>
      ))}
    </Box>
  );
}
