import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useHomeAsked } from "../../api/queries";
import { HomeDialog } from "../home/HomeDialog";
import { facts } from "../home/householdFacts";

/** Who lives in the home: asked once for all its rooms, because hands, tails and climbers come into every room. */
export function HouseholdFields({ homeId }: { homeId: string }) {
  const home = useHomeAsked(homeId).data;
  const [editing, setEditing] = useState(false);
  if (!home) return null;
  const told = facts(home);
  return (
    <Box component="section" aria-label="Who lives here" sx={{ mt: 4 }}>
      <Typography variant="h3" component="h2">
        Who lives here
      </Typography>
      <Typography sx={{ mt: 0.5 }}>{told.length > 0 ? told.join(", ") : "Nobody small or furry noted"}</Typography>
      <Typography variant="body2" color="textSecondary">
        Children, dogs and cats decide how low glass may hang and whether the tree is tied back; a rented home takes no
        nails; an allergy no conifers. It holds for every room.
      </Typography>
      <Button size="small" onClick={() => setEditing(true)} sx={{ ml: -0.5, mt: 0.5 }}>
        Change the household
      </Button>
      {editing && <HomeDialog home={home} onClose={() => setEditing(false)} />}
    </Box>
  );
}
