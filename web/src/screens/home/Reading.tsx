import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useRef } from "react";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { WallsInShort } from "../../drawing/room/WallsInShort";
import { useSize } from "../../drawing/shared/useSize";

type HomeReading = NonNullable<Schemas["HomeInFull"]["reading"]>;

/** How the home reads: its fullest walls, what leads from each place people look from, and what wants a word. */
export function Reading({ reading }: { reading: HomeReading }) {
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  return (
    <Paper variant="outlined" component="section" aria-label="How it reads" sx={{ p: 2, mb: 2 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        How it reads
      </Typography>
      <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 340px" } }}>
        <Box ref={box} sx={{ minHeight: 120 }}>
          {width > 0 && <WallsInShort walls={reading.walls} width={width} height={132} />}
        </Box>
        <Box>
          {reading.leads.map((lead) => (
            <Typography key={`${lead.room} ${lead.from}`} variant="body2">
              <Link component={RouterLink} to={`/rooms/${lead.room_id}/view`} color="inherit" sx={{ fontWeight: 600 }}>
                {lead.room}
              </Link>
              , {lead.from}:{" "}
              <Box component="span" sx={{ color: lead.verdict === "competing" ? "error.main" : undefined }}>
                {lead.says}
              </Box>
            </Typography>
          ))}
          {reading.notes.map((note) => (
            <Typography key={note} variant="body2" sx={{ mt: 0.5 }}>
              <strong>Caution.</strong> {note}
            </Typography>
          ))}
        </Box>
      </Box>
    </Paper>
  );
}
