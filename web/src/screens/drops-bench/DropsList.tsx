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
import type { Schemas } from "../../api/client";
import { length, mass } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Every line in numbers, from the left: where its hook is, how long it is, what it carries. */
export function DropsList({ plan, onClose }: { plan: Schemas["DropsPlan"]; onClose: () => void }) {
  const units = useUnits();
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>Every line</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="Every line">
        <Table size="small" aria-label="Lines, from the left">
          <TableHead>
            <TableRow>
              <TableCell>No.</TableCell>
              <TableCell>What hangs</TableCell>
              <TableCell align="right">From the left</TableCell>
              <TableCell align="right">Comes down</TableCell>
              <TableCell align="right">Carries</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {(plan.drawing.lines ?? []).map((line) => (
              <TableRow key={line.number}>
                <TableCell>{line.number}</TableCell>
                <TableCell>
                  {line.strand ? `${line.balls} × ` : ""}
                  {line.name ?? "none chosen"}
                </TableCell>
                <TableCell align="right">{length(line.at_m, units)}</TableCell>
                <TableCell align="right">{length(line.drop_m, units)}</TableCell>
                <TableCell align="right">{mass(line.kg, units)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
