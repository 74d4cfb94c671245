import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { SeenAndWanted, sharesTold, UNSEEN } from "../../parts/SeenAndWanted";
import { reachable } from "../../theme/theme";

/** What the pieces of a room show together, over what its look wants. */
export function RoomColours({ colours }: { colours: Schemas["SharesSeen"] }) {
  if (!colours) return null;
  const { look, shares, short } = colours;
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
        <Box component="span" sx={UNSEEN}>
          {sharesTold(shares)}
        </Box>
        <SeenAndWanted shares={shares} height={16} />
      </Box>
      <Typography variant="body2" color="textSecondary">
        {short.length === 0 ? "as wanted" : `${short.join(", ")} short`}
      </Typography>
    </Box>
  );
}
