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
import type { Schemas } from "../../../api/client";
import { Loading } from "../../../parts/Loading";
import { mass, minutes, money, toBuy } from "../../../units/format";
import { useCurrency, useUnits } from "../../../units/useUnits";
import { follow, useAdvice } from "../advice";
import { MAKINGS } from "../words";
import type { StepProps } from "./StepDials";

type Making = NonNullable<Schemas["WreathAdvice"]["makings"]>[number];

function time({ minutes: all, people }: Making): string {
  return people > 1 ? `${minutes(all)}, ${people} people` : minutes(all);
}

/** Ways of making it side by side: minutes and money of each, dressed as it is dialled. */
export function Makings({ bench, piece, onClose }: Pick<StepProps, "bench" | "piece"> & { onClose: () => void }) {
  const units = useUnits();
  const currency = useCurrency();
  const { data } = useAdvice(piece.id, "makings", bench, true);
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>Make or buy</DialogTitle>
      <DialogContent tabIndex={0} role="region" aria-label="Ways of making it">
        <Typography color="textSecondary" sx={{ mb: 1.5 }}>
          Dressed the same in all of them; only how the ring gets its greens differs.
        </Typography>
        {!data?.makings && <Loading what="the ways of making it" />}
        {data?.makings && (
          <Table size="small" aria-label="Ways of making it, side by side">
            <TableHead>
              <TableRow>
                <TableCell>Way</TableCell>
                <TableCell align="right">Minutes of work</TableCell>
                <TableCell align="right">To buy</TableCell>
                <TableCell align="right">From stock</TableCell>
                <TableCell align="right">Weighs</TableCell>
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {data.makings.map((one) => (
                <TableRow key={one.making} selected={one.chosen}>
                  <TableCell component="th" scope="row">
                    {MAKINGS[one.making]}
                  </TableCell>
                  <TableCell align="right">{time(one)}</TableCell>
                  <TableCell align="right">{toBuy(one, currency)}</TableCell>
                  <TableCell align="right">{money(one.stock_cents, currency)}</TableCell>
                  <TableCell align="right">{mass(one.kg, units)}</TableCell>
                  <TableCell align="right">
                    {one.chosen ? (
                      "so it is"
                    ) : (
                      <Button size="small" onClick={() => follow(bench, one.changes)}>
                        Make it so
                      </Button>
                    )}
                  </TableCell>
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
