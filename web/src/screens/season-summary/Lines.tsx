import Box from "@mui/material/Box";
import TextLink from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link } from "react-router";

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

/** The way to what a line is about, on a phone as large as a finger. */
export function LineLink({ to, children }: { to: string; children: ReactNode }) {
  return (
    <TextLink
      component={Link}
      to={to}
      sx={{ display: "inline-flex", alignItems: "center", minHeight: { xs: 44, md: 0 } }}
    >
      {children}
    </TextLink>
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
