import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { reachable } from "../../theme/theme";

const TOLD = { on: "on the palette", near: "near it", off: "off the palette" } as const;

/** Where a thing's colour belongs in the looks that are worn: a note, never a ban. */
export function InLooks({ thing }: { thing: Schemas["StockDetails"] }) {
  if (thing.looks.length === 0) return null;
  return (
    <Box component="section" aria-label="In the looks" sx={{ mt: 3 }}>
      <Typography variant="h3" component="h3">
        In the looks
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {thing.looks.map(({ id, name, nearest, verdict }) => (
          <Box component="li" key={id} sx={{ display: "flex", gap: 1, py: 0.5, alignItems: "baseline" }}>
            <Link
              component={RouterLink}
              to={`/looks/${id}`}
              color="inherit"
              sx={[{ fontWeight: 600, flex: 1 }, reachable]}
            >
              {name}
            </Link>
            <Typography variant="body2" color="textSecondary" sx={{ textAlign: "right" }}>
              {verdict === "off" ? TOLD.off : `${TOLD[verdict]}: ${nearest}`}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
