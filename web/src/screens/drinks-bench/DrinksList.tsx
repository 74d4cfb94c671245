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
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { ALLERGENS } from "./words";

/** Every jar in numbers, from the left: how long it lasts, how often it is filled again, what lacks, what is in it. */
export function DrinksList({ plan, onClose }: { plan: Schemas["DrinksPlan"]; onClose: () => void }) {
  const units = useUnits();
  const { jars = [] } = plan.drawing;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>Every jar</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="Every jar">
        {jars.length === 0 && <Typography>No jar stands there yet.</Typography>}
        {jars.length > 0 && (
          <Table size="small" aria-label="Jars, from the left">
            <TableHead>
              <TableRow>
                <TableCell>In it</TableCell>
                <TableCell align="right">Lasts, days</TableCell>
                <TableCell align="right">Refills</TableCell>
                <TableCell align="right">Portions lacking</TableCell>
                <TableCell>Allergens</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {jars.map((jar) => (
                <TableRow key={jar.number}>
                  <TableCell>{jar.name}</TableCell>
                  <TableCell align="right">
                    {jar.lasts === null ? "not used" : amount(jar.lasts, "decor", units)}
                  </TableCell>
                  <TableCell align="right">{jar.refills}</TableCell>
                  <TableCell align="right">{amount(jar.short, "decor", units)}</TableCell>
                  <TableCell>{jar.allergens.map((one) => ALLERGENS[one]).join(", ") || "none named"}</TableCell>
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
