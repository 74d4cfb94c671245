import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useUnits } from "../../units/useUnits";
import type { RunStep, Sheet } from "./progress";
import { amountOf } from "./words";

/** What spares leave on the table: offered to what lacks just that before it is packed away. */
export function Surplus({ sheet, step }: { sheet: Sheet; step: RunStep }) {
  const units = useUnits();
  const left = sheet.surplus.filter(({ rooms }) => rooms.includes(step.room));
  if (left.length === 0) return null;
  return (
    <Box component="section" aria-label="Left on the table">
      <Typography sx={{ fontWeight: 700 }}>Left on the table</Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5, maxHeight: 120, overflow: "auto" }}>
        {left.map((one) => (
          <li key={one.style}>
            {amountOf(one.count, one, units)} × {one.label}
            {one.lacking.map(({ piece, short }) => `; ${piece} lacks ${amountOf(short, one, units)}`)}
          </li>
        ))}
      </Box>
    </Box>
  );
}
