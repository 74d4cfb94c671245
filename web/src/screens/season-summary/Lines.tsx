import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

/** A part of the summary: its head, and lines of what and how much. */
export function Lines({ title, empty, children }: { title: string; empty?: string | false; children?: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mb: 3 }}>
      <Typography variant="h2" gutterBottom>
        {title}
      </Typography>
      {empty ? <Typography color="textSecondary">{empty}</Typography> : children}
    </Box>
  );
}

export function Line({ what, under, much }: { what: ReactNode; under?: ReactNode; much?: ReactNode }) {
  return (
    <Box sx={{ display: "flex", gap: 2, py: 0.75, borderTop: 1, borderColor: "divider", alignItems: "baseline" }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ overflowWrap: "anywhere" }}>{what}</Typography>
        {under && (
          <Typography variant="body2" color="textSecondary">
            {under}
          </Typography>
        )}
      </Box>
      {much && <Typography sx={{ whiteSpace: "nowrap", fontVariantNumeric: "tabular-nums" }}>{much}</Typography>}
    </Box>
  );
}
