import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useEffect, type ReactNode } from "react";
import { fonts } from "../../theme/tokens";

/** The page around signing in and founding a studio. */
export function Doorway({ title, lead, children }: { title: string; lead?: string; children: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Deck Bough`;
  }, [title]);
  return (
    <Box
      component="main"
      sx={{ minHeight: "100dvh", display: "grid", placeItems: "center", p: 2, bgcolor: "background.default" }}
    >
      <Box sx={{ width: "100%", maxWidth: 400 }}>
        <Typography
          sx={{ fontFamily: fonts.heading, fontWeight: 600, fontSize: "2rem", color: "primary.main", lineHeight: 1 }}
        >
          Deck Bough
        </Typography>
        <Typography color="textSecondary" sx={{ mt: 0.5, mb: 3 }}>
          The workbench for dressing trees, greenery and tables.
        </Typography>
        <Paper variant="outlined" sx={{ p: 3 }}>
          <Typography variant="h2" component="h1" sx={{ mb: lead ? 0.5 : 2 }}>
            {title}
          </Typography>
          {lead && (
            <Typography variant="body2" color="textSecondary" sx={{ mb: 2 }}>
              {lead}
            </Typography>
          )}
          {children}
        </Paper>
      </Box>
    </Box>
  );
}
