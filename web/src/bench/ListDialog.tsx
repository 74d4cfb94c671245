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
import type { ReactNode } from "react";

interface Props {
  title: string;
  /** What the table is called by who hears it. */
  label: string;
  /** Its columns; those of numbers keep to the right. */
  columns: { says: string; number?: boolean }[];
  rows: { key: string | number; cells: ReactNode[] }[];
  /** Instead of a table without rows. */
  nothing: string;
  onClose: () => void;
  children?: ReactNode;
}

/** What a drawing shows as a table, for the eye that wants numbers and for who hears it. */
export function ListDialog({ title, label, columns, rows, nothing, onClose, children }: Props) {
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>{title}</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label={title}>
        {rows.length === 0 && <Typography>{nothing}</Typography>}
        {rows.length > 0 && (
          <Table size="small" aria-label={label}>
            <TableHead>
              <TableRow>
                {columns.map(({ says, number }) => (
                  <TableCell key={says} align={number ? "right" : "left"}>
                    {says}
                  </TableCell>
                ))}
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map(({ key, cells }) => (
                <TableRow key={key}>
                  {columns.map(({ says, number }, i) => (
                    <TableCell key={says} align={number ? "right" : "left"}>
                      {cells[i]}
                    </TableCell>
                  ))}
                </TableRow>
              ))}
            </TableBody>
          </Table>
        )}
        {children}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
