import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";

/** What the client would be shown if it were sent now. */
export function Shown({ told }: { told: Schemas["Proposal"] }) {
  const { rooms, when, open_points: open, safe } = told.now;
  return (
    <Box component="section" aria-label="What is shown">
      <Typography variant="h2" gutterBottom>
        What is shown
      </Typography>
      <Typography sx={{ mb: 2 }}>{when}</Typography>
      {rooms.map((room) => (
        <Box key={room.id} sx={{ mb: 2 }}>
          <Typography variant="h3">{room.name}</Typography>
          {room.pieces.map((piece) => (
            <Box key={piece.id} sx={{ py: 0.75, borderTop: 1, borderColor: "divider" }}>
              <Link component={RouterLink} to={`/pieces/${piece.id}`} color="inherit">
                {piece.name}
              </Link>
              <Typography variant="body2" color="textSecondary">
                {piece.told}
              </Typography>
              {piece.versions.map((one) => (
                <Typography key={one.id} variant="body2">
                  or “{one.name}”
                </Typography>
              ))}
            </Box>
          ))}
        </Box>
      ))}
      <Lines title="Still open" lines={open} />
      <Lines title="Kept safe" lines={safe} />
    </Box>
  );
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box sx={{ mb: 2 }}>
      <Typography variant="h3">{title}</Typography>
      {lines.map((line, i) => (
        <Typography key={i} variant="body2" sx={{ py: 0.25, overflowWrap: "anywhere" }}>
          {line}
        </Typography>
      ))}
    </Box>
  );
}
