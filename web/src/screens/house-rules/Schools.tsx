import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { useStudio } from "./useStudio";

/** How the studio likes to work where a piece does not say otherwise; it decides the order of work. */
export function Schools({ mayChange }: { mayChange: boolean }) {
  const { studio, change } = useStudio(mayChange);
  if (!studio) return null;
  return (
    <Box component="section" aria-label="Schools of the studio" sx={{ mb: 3 }}>
      <Typography variant="h3" component="h2" gutterBottom>
        How we work
      </Typography>
      <Box sx={{ display: "flex", gap: 3, rowGap: 1.5, flexWrap: "wrap" }}>
        <ChoiceDial
          label="Topper"
          value={studio.topper_school}
          onChange={(topper_school) => void change({ topper_school })}
          choices={{ first: "first", last: "last", none: "none" }}
        />
        <ChoiceDial
          label="Picks"
          value={studio.picks_school}
          onChange={(picks_school) => void change({ picks_school })}
          choices={{ before: "before ornaments", after: "after them" }}
        />
        <ChoiceDial
          label="Light"
          value={studio.light_school}
          onChange={(light_school) => void change({ light_school })}
          choices={{ soft: "soft", classic: "classic", bright: "bright", blaze: "blaze" }}
        />
        <ChoiceDial
          label="Light on greens"
          value={studio.greens_light_school}
          onChange={(greens_light_school) => void change({ greens_light_school })}
          choices={{ before: "before stems", after: "after them" }}
        />
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        New pieces begin with these, and the steps on the bench come in this order. A piece may differ.
      </Typography>
    </Box>
  );
}
