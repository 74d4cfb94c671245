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

/** Every stocking in numbers, from the left: whose it is, where its hook is. */
export function StockingsList({ plan, onClose }: { plan: Schemas["StockingsPlan"]; onClose: () => void }) {
  const units = useUnits();
  const { hung = [] } = plan.drawing;
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>Every stocking</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="Every stocking">
        {hung.length === 0 && <Typography>Nothing hangs there yet.</Typography>}
        {hung.length > 0 && (
          <Table size="small" aria-label="Stockings, from the left">
            <TableHead>
              <TableRow>
                <TableCell>Whose</TableCell>
                <TableCell align="right">Hook, from the left</TableCell>
                <TableCell align="right">Hook, over the floor</TableCell>
                <TableCell>For</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {hung.map((one) => (
                <TableRow key={one.number}>
                  <TableCell>{one.name}</TableCell>
                  <TableCell align="right">{length(one.at_m, units)}</TableCell>
                  <TableCell align="right">{length(one.hook_m, units)}</TableCell>
                  <TableCell>{one.visitor ? "a visitor" : "the household"}</TableCell>
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
