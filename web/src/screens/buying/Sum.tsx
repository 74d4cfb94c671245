import Typography from "@mui/material/Typography";
import { counted, money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import type { Desk } from "./useBuying";

/** "€240.70 to buy, 13 lines, 2 of them late". */
export function Sum({ totals }: { totals: Desk["totals"] }) {
  const currency = useCurrency();
  const more = [
    counted(totals.lines, "line"),
    ...(totals.late > 0 ? [`${totals.late} late`] : []),
    ...(totals.unpriced > 0 ? [`${totals.unpriced} without a price`] : []),
  ];
  return (
    <Typography noWrap sx={{ mr: 1 }} role="status">
      <strong>{money(totals.here_cents ?? totals.cents, currency)}</strong> to buy, {more.join(", ")}
    </Typography>
  );
}
