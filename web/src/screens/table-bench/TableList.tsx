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
import { LAYERS } from "../../drawing/table/words";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** What lies at each place and stands along the middle, in numbers; what leaves for a meal. */
export function TableList({ plan, onClose }: { plan: Schemas["TablePlan"]; onClose: () => void }) {
  const units = useUnits();
  const { things = [], layers = [] } = plan.drawing;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>What stands where</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="What stands where">
        <Typography sx={{ mb: 2 }}>
          At each place:{" "}
          {layers.length === 0
            ? "nothing yet."
            : `${layers.map(({ layer, across_m }) => `${LAYERS[layer]} (${length(across_m, units)})`).join(", ")}.`}
        </Typography>
        {things.length === 0 && <Typography>Nothing stands along the middle yet.</Typography>}
        {things.length > 0 && (
          <Table size="small" aria-label="Things along the middle">
            <TableHead>
              <TableRow>
                <TableCell>Thing</TableCell>
                <TableCell align="right">From the left end</TableCell>
                <TableCell align="right">From the near edge</TableCell>
                <TableCell align="right">Top</TableCell>
                <TableCell>For a meal</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {things.map((thing) => (
                <TableRow key={thing.number}>
                  <TableCell>{thing.name}</TableCell>
                  <TableCell align="right">{length(thing.left_m, units)}</TableCell>
                  <TableCell align="right">{length(thing.out_m, units)}</TableCell>
                  <TableCell align="right">{length(thing.foot_m + thing.height_m, units)}</TableCell>
                  <TableCell>{thing.leaves ? "leaves" : "stays"}</TableCell>
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
