import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** The layers in the order they go on, each with what and where. */
export function LayerList({ plan, onClose }: { plan: Schemas["RunPlan"]; onClose: () => void }) {
  const units = useUnits();
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>Layers, in this order</DialogTitle>
      <DialogContent>
        <Box component="ol" sx={{ m: 0, pl: 3 }}>
          {plan.layers.map((layer, i) => (
            <Box component="li" key={i} sx={{ mb: 1 }}>
              <Typography component="span" sx={{ fontWeight: 600 }}>
                {layer.title}
              </Typography>
              : {layer.says}
              {layer.places_m.length > 0 && (
                <Typography variant="body2" color="textSecondary">
                  {layer.places_m.map((place) => length(place, units)).join(" · ")}
                </Typography>
              )}
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
