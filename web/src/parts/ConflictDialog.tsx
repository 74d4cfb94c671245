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

export interface ConflictRow {
  label: string;
  mine: string;
  theirs: string;
}

interface ConflictDialogProps {
  rows: ConflictRow[];
  keepMine: () => void;
  takeTheirs: () => void;
}

/** Somebody else was faster: both states side by side, and nothing lost until one is chosen. */
export function ConflictDialog({ rows, keepMine, takeTheirs }: ConflictDialogProps) {
  return (
    <Dialog open maxWidth="sm" fullWidth aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">Changed meanwhile</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 2 }}>
          Someone changed the same after you opened it; choose which stays. What only one of you changed is kept either
          way.
        </Typography>
        <Table size="small" sx={{ "& th:first-of-type": { pl: 0 } }}>
          <TableHead>
            <TableRow>
              <TableCell />
              <TableCell>Yours</TableCell>
              <TableCell>Theirs</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((row) => (
              <TableRow key={row.label}>
                <TableCell component="th" scope="row">
                  {row.label}
                </TableCell>
                <TableCell>{row.mine || "–"}</TableCell>
                <TableCell>{row.theirs || "–"}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
        {rows.length === 0 && <Typography color="textSecondary">Both say the same.</Typography>}
      </DialogContent>
      <DialogActions>
        <Button onClick={takeTheirs}>Take theirs</Button>
        <Button variant="contained" onClick={keepMine}>
          Keep mine
        </Button>
      </DialogActions>
    </Dialog>
  );
}
