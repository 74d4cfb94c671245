import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** Dials side by side, as many as fit. */
export function Dials({ children }: { children: ReactNode }) {
  return (
    <Box
      data-dials
      sx={{
        display: "flex",
        flexWrap: "wrap",
        columnGap: 3,
        rowGap: 1.5,
        alignItems: "flex-start",
        "& > *": { flex: "1 1 170px", minWidth: 0, maxWidth: 240 },
        // Figures and rows of buttons are as wide as what they say.
        "& > .as-wide-as-it-is": { flex: "0 0 auto", maxWidth: "100%" },
        "& > .wide-dial": { flex: "1 1 420px", maxWidth: "none" },
        "& > .whole-row": { flex: "1 0 100%", maxWidth: "100%" },
      }}
    >
      {children}
    </Box>
  );
}
