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
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { SLOTS } from "../../bench/things";

/** What stands where, in numbers: from the back to the front, as it is built. */
export function GroupList({ plan, onClose }: { plan: Schemas["GroupingPlan"]; onClose: () => void }) {
  const units = useUnits();
  const things = plan.drawing.things ?? [];
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>What stands where</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="What stands where">
        {things.length === 0 && <Typography>Nothing stands there yet.</Typography>}
        {things.length > 0 && (
          <Table size="small" aria-label="Things, from the back to the front">
            <TableHead>
              <TableRow>
                <TableCell>Thing</TableCell>
                <TableCell>Place</TableCell>
                <TableCell align="right">From the left</TableCell>
                <TableCell align="right">From the wall</TableCell>
                <TableCell align="right">Foot</TableCell>
                <TableCell align="right">Top</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {things.map((thing) => (
                <TableRow key={thing.number}>
                  <TableCell>{thing.name}</TableCell>
                  <TableCell>{SLOTS[thing.slot as keyof typeof SLOTS]}</TableCell>
                  <TableCell align="right">{length(thing.left_m, units)}</TableCell>
                  <TableCell align="right">{length(thing.out_m, units)}</TableCell>
                  <TableCell align="right">{length(thing.foot_m, units)}</TableCell>
                  <TableCell align="right">{length(thing.foot_m + thing.height_m, units)}</TableCell>
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
