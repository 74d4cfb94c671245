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
import { length, percent } from "../../units/format";
import { useUnits } from "../../units/useUnits";

interface Props {
  tiers: Schemas["Tier"][];
  names: Map<string, string>;
  onClose: () => void;
}

/** The drawing told as a table: tier by tier from the tip down, what hangs there. */
export function TierList({ tiers, names, onClose }: Props) {
  const units = useUnits();
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="tiers-title">
      <DialogTitle id="tiers-title">Tiers, from the tip down</DialogTitle>
      <DialogContent>
        <Table size="small">
          <TableHead>
            <TableRow>
              <TableCell>Tier</TableCell>
              <TableCell align="right">Height</TableCell>
              <TableCell align="right">Surface</TableCell>
              <TableCell align="right">Ornaments</TableCell>
              <TableCell>Of which</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {tiers
              .map((tier, i) => ({ tier, number: i + 1, hung: Object.entries(tier.ornaments) }))
              .reverse()
              .map(({ tier, number, hung }) => (
                <TableRow key={number}>
                  <TableCell component="th" scope="row">
                    {number}
                  </TableCell>
                  <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                    {length(tier.from_m, units)} to {length(tier.to_m, units)}
                  </TableCell>
                  <TableCell align="right">{percent(tier.share)}</TableCell>
                  <TableCell align="right">{hung.reduce((sum, [, count]) => sum + count, 0)}</TableCell>
                  <TableCell>
                    {hung.map(([id, count]) => `${count} ${names.get(id) ?? "of a style that is gone"}`).join(", ")}
                  </TableCell>
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
