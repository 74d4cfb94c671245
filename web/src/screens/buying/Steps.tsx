import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { amount } from "../../units/amount";
import { count, date, money } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";

/** How a figure came about, a line each. */
export function Steps({ steps, kind }: { steps: Schemas["BuyingStep"][]; kind: Schemas["Style"]["kind"] }) {
  const units = useUnits();
  const currency = useCurrency();
  const value = ({ value: told, unit }: Schemas["BuyingStep"]) => {
    if (typeof told === "boolean") return told ? "yes" : "no";
    if (typeof told !== "number") return told === null ? "" : /^\d{4}-\d\d-\d\d$/.test(told) ? date(told) : told;
    if (unit === "cents") return money(told, currency);
    return unit === "" ? amount(told, kind, units) : count(told);
  };
  return (
    <Box component="dl" sx={{ m: 0 }}>
      {steps.map((step) => (
        <Box key={step.says} sx={{ mb: 0.75 }}>
          <Typography component="dt" variant="body2" color="textSecondary">
            {step.says}
          </Typography>
          <Box component="dd" sx={{ m: 0, display: "flex", gap: 1 }}>
            <Typography variant="body2" sx={{ flex: 1 }}>
              {step.unit === "cents" || kind === "ribbon" ? "" : step.sum}
            </Typography>
            <Typography variant="body2" sx={{ fontWeight: 700 }}>
              {value(step)}
            </Typography>
          </Box>
        </Box>
      ))}
    </Box>
  );
}
