import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { ColourBar } from "../../parts/ColourBar";
import { reachable } from "../../theme/theme";
import { percent } from "../../units/format";

/** What the pieces of a room show together, over what its look wants. */
export function RoomColours({ colours }: { colours: Schemas["RoomColours"] }) {
  if (!colours) return null;
  const { look, shares, short } = colours;
  const told = shares.map(({ name, seen, wanted }) => `${name} ${percent(seen)} of ${percent(wanted)}`).join(", ");
  return (
    <Box
      component="section"
      aria-label="Colour really seen"
      sx={{ display: "flex", alignItems: "center", gap: 2, px: 2, pb: 1.5, flexWrap: { xs: "wrap", sm: "nowrap" } }}
    >
      <Link
        component={RouterLink}
        to={`/looks/${look.id}`}
        color="inherit"
        variant="body2"
        sx={[{ flexShrink: 0 }, reachable]}
      >
        {look.name}
      </Link>
      <Box sx={{ flex: 1, minWidth: 160, maxWidth: 460 }}>
        <ColourBar
          label={`Seen: ${told}`}
          height={16}
          numbered
          parts={shares.map(({ name, colour, seen }) => ({ name, srgb: colour, share: seen }))}
        />
        <Box sx={{ height: 2 }} />
        <Box aria-hidden>
          <ColourBar
            label=""
            height={5}
            parts={shares.map(({ name, colour, wanted }) => ({ name, srgb: colour, share: wanted }))}
          />
        </Box>
      </Box>
      <Typography variant="body2" color="textSecondary">
        {short.length === 0 ? "as wanted" : `${short.join(", ")} short`}
      </Typography>
    </Box>
  );
}
