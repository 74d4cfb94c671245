import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { weekday } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import type { Desk, Purchase } from "./useBuying";
import { NOBODY } from "./words";

interface Props {
  purchases: Purchase[];
  desk: Desk;
  onReceive: (purchase: string) => void;
}

/** What is on its way, the first day first, and what came otherwise than it was ordered. */
export function ComingList({ purchases, desk, onReceive }: Props) {
  const units = useUnits();
  const open = purchases.filter(({ lines }) => lines.some((line) => line.to_come > 0 || line.claimed > 0));
  const late = new Map(desk.coming.filter((one) => one.late).map((one) => [one.line, one]));
  return (
    <Box component="section" aria-label="On the way" sx={{ mt: 3 }}>
      <Typography variant="h2">On the way</Typography>
      {open.length === 0 && (
        <Typography color="textSecondary" sx={{ py: 1 }}>
          Nothing is on its way.
        </Typography>
      )}
      {open.map((purchase) => (
        <Box
          key={purchase.id}
          component="section"
          aria-label={`From ${purchase.supplier_name ?? NOBODY}`}
          sx={(theme) => ({ borderBottom: `1px solid ${theme.palette.divider}`, py: 1 })}
        >
          <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
            <Typography sx={{ flex: 1, minWidth: 0 }} noWrap>
              <strong>{purchase.supplier_name ?? NOBODY}</strong>
              <Typography component="span" color="textSecondary">
                {" "}
                comes {weekday(purchase.expected_on)}
              </Typography>
            </Typography>
            <Button size="small" variant="outlined" onClick={() => onReceive(purchase.id)}>
              It came
            </Button>
          </Box>
          {purchase.lines
            .filter((line) => line.to_come > 0 || line.claimed > 0)
            .map((line, i) => (
              <Box key={line.id} sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.25 }}>
                <Thumbnail thing={line} place={i} size={26} />
                <Typography variant="body2" sx={{ flex: 1, minWidth: 0 }}>
                  {amount(line.to_come * line.pack_size, line.kind, units)} {line.name}
                </Typography>
                <Typography variant="body2" color="error">
                  {[
                    ...(line.claimed > 0 ? [`${line.claimed} to be replaced`] : []),
                    ...(late.get(line.id)?.wanted_on ? [`after ${weekday(late.get(line.id)?.wanted_on ?? "")}`] : []),
                  ].join(", ")}
                </Typography>
              </Box>
            ))}
        </Box>
      ))}
    </Box>
  );
}
