import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { Schemas } from "../../api/client";
import { count, cutLength, minutes, money, type Units } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";

type Plan = Pick<Schemas["RunPlan"], "ledger" | "totals" | "figures" | "cautions">;
type Line = Schemas["LedgerLine"];

function need(line: Line | undefined, units: Units): string {
  if (!line) return "–";
  return line.unit === "m" ? cutLength(line.need, units) : count(line.need + line.spares);
}

/** What each version takes, line beside line; where they part the figures stand out. */
export function LedgersCompared({ left, right, names }: { left: Plan; right: Plan; names: [string, string] }) {
  const units = useUnits();
  const currency = useCurrency();
  const key = (line: Line) => line.style ?? line.sheet;
  const keys = [...new Set([...left.ledger, ...right.ledger].map(key))];
  const rows = keys.map((id) => {
    const one = left.ledger.find((line) => key(line) === id);
    const other = right.ledger.find((line) => key(line) === id);
    return { id, label: (one ?? other)?.label ?? "", values: [need(one, units), need(other, units)] };
  });
  const time = (plan: Plan) => minutes(Number(plan.figures.minutes?.value ?? 0));
  const sums = [
    {
      id: "buy",
      label: "To buy",
      values: [money(left.totals.buy_cents, currency), money(right.totals.buy_cents, currency)],
    },
    {
      id: "stock",
      label: "From stock",
      values: [money(left.totals.stock_cents, currency), money(right.totals.stock_cents, currency)],
    },
    { id: "minutes", label: "Dressing", values: [time(left), time(right)] },
    {
      id: "stops",
      label: "Stops and cautions",
      values: [left, right].map((plan) => String(plan.cautions.filter((told) => told.severity !== "info").length)),
    },
  ];
  return (
    <Table size="small" aria-label="What each takes">
      <TableHead>
        <TableRow>
          <TableCell>Need</TableCell>
          {names.map((name, i) => (
            <TableCell key={i} align="right">
              {name}
            </TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {[...rows, ...sums].map((row) => {
          const apart = row.values[0] !== row.values[1];
          return (
            <TableRow key={row.id}>
              <TableCell component="th" scope="row" sx={{ fontWeight: apart ? 700 : 400 }}>
                {row.label}
              </TableCell>
              {row.values.map((value, i) => (
                <TableCell key={i} align="right" sx={{ fontWeight: apart ? 700 : 400, whiteSpace: "nowrap" }}>
                  {value}
                </TableCell>
              ))}
            </TableRow>
          );
        })}
      </TableBody>
    </Table>
  );
}
