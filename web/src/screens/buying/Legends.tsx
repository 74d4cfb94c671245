import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

function Legend({ says, children }: { says: string; children: ReactNode }) {
  return (
    <Typography variant="body2" color="textSecondary" sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
      <Box component="svg" aria-hidden width={36} height={12} sx={{ color: "primary.main" }}>
        {children}
      </Box>
      {says}
    </Typography>
  );
}

/** What the marks of the days mean. */
export function Legends() {
  return (
    <Box sx={{ display: "flex", gap: 3, p: 1.25, alignItems: "center", flexWrap: "wrap" }}>
      <Legend says="on its way">
        <line x1="0" x2="26" y1="6" y2="6" stroke="currentColor" strokeWidth="2" />
        <circle cx="26" cy="6" r="3" fill="currentColor" />
      </Legend>
      <Legend says="slack, then wanted">
        <line x1="0" x2="24" y1="6" y2="6" stroke="currentColor" strokeWidth="2" strokeDasharray="2 3" />
        <path d="M28 2l4 4-4 4-4-4z" fill="none" stroke="currentColor" strokeWidth="1.5" />
      </Legend>
      <Typography variant="body2" color="textSecondary">
        hatched: closed
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ ml: "auto" }}>
        each card stands at its order-by day
      </Typography>
    </Box>
  );
}
