import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

/** What brings a drawing up that has no measure yet. */
export function Unmeasured({ what, children }: { what: string; children: ReactNode }) {
  return (
    <Box
      sx={{
        position: "absolute",
        inset: 0,
        display: "grid",
        placeContent: "center",
        textAlign: "center",
        pointerEvents: "none",
      }}
    >
      <Typography variant="h3" component="p">
        The {what} is not measured yet
      </Typography>
      <Typography color="textSecondary" sx={{ mt: 0.5 }}>
        {children}
      </Typography>
    </Box>
  );
}
