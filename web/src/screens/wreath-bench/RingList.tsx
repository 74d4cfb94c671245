import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { clockPosition } from "../../units/format";

interface Place {
  hour: number;
  what: string;
}

/** Everything that stands on the ring, clockwise from the top: where and what. */
export function RingList({ plan, onClose }: { plan: Schemas["WreathPlan"]; onClose: () => void }) {
  const { stems = [], elements = [], styles = {}, star } = plan.drawing;
  const name = (id: string) => styles[id]?.name ?? "no style chosen";
  const places: Place[] = [
    ...stems.map(({ style, at_h }) => ({ hour: at_h, what: name(style) })),
    ...elements.map(({ style, at_h, site }) => ({ hour: at_h, what: `${name(style)}${site ? "" : ", between"}` })),
    ...(star && star.kind !== "word" ? [{ hour: star.at_h % 12, what: star.kind }] : []),
  ].sort((one, other) => one.hour - other.hour);
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>Round the clock</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="What stands on the ring">
        {places.length === 0 && <Typography>Nothing is on the ring yet.</Typography>}
        <Box component="ol" aria-label="Clockwise from the top" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {places.map(({ hour, what }, i) => (
            <Box component="li" key={i} sx={{ display: "flex", gap: 2, py: 0.25 }}>
              <Typography component="span" sx={{ width: 56, fontWeight: 600 }}>
                {clockPosition(hour)}
              </Typography>
              <Typography component="span">{what}</Typography>
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
