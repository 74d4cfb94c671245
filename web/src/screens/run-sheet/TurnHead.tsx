import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { fonts } from "../../theme/tokens";

/** What is in the hand now, large, and how many of it. */
export function TurnHead({ name, check, children }: { name: string; check: boolean; children: ReactNode }) {
  return (
    <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
      <Typography
        component="h2"
        sx={{
          flex: 1,
          minWidth: 0,
          fontFamily: fonts.heading,
          fontSize: { xs: name.length > 16 ? "1.6rem" : "2.1rem", md: "2.25rem" },
          fontWeight: 600,
          lineHeight: 1.05,
        }}
      >
        {check ? `Is it there? ${name}` : name}
      </Typography>
      {children}
    </Box>
  );
}
