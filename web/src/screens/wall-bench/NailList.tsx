import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { length, mass, percent } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Where each of them hangs, in numbers: to its hook, from the left edge of the wall and from the floor. */
export function NailList({ plan, onClose }: { plan: Schemas["WallPlan"]; onClose: () => void }) {
  const units = useUnits();
  const rings = plan.drawing.rings ?? [];
  const lapped = rings.some(({ visible }) => visible < 0.995);
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>Where each hangs</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="Where each wreath hangs">
        {rings.length === 0 && <Typography>None of them fits yet.</Typography>}
        {rings.length > 0 && (
          <Table size="small" aria-label="Hooks, from the left and the floor">
            <TableHead>
              <TableRow>
                <TableCell>No.</TableCell>
                <TableCell align="right">Across</TableCell>
                <TableCell align="right">From the left</TableCell>
                <TableCell align="right">Hook from the floor</TableCell>
                <TableCell align="right">Carries</TableCell>
                {lapped && <TableCell align="right">Is seen</TableCell>}
              </TableRow>
            </TableHead>
            <TableBody>
              {rings.map((ring) => (
                <TableRow key={ring.number}>
                  <TableCell>{ring.number}</TableCell>
                  <TableCell align="right">{length(ring.diameter_m, units)}</TableCell>
                  <TableCell align="right">{length(ring.hook_left_m, units)}</TableCell>
                  <TableCell align="right">{length(ring.hook_floor_m, units)}</TableCell>
                  <TableCell align="right">{mass(ring.kg, units)}</TableCell>
                  {lapped && <TableCell align="right">{percent(ring.visible)}</TableCell>}
                </TableRow>
              ))}
            </TableBody>
          </Table>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
