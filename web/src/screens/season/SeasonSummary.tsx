import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import Link from "@mui/material/Link";
import type { ReactNode } from "react";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { count, minutes, money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";

function Sum({ figure, says }: { figure: string; says: ReactNode }) {
  return (
    <Box>
      <Typography component="div" sx={{ fontSize: "1.75rem", fontWeight: 600, lineHeight: 1.1 }}>
        {figure}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {says}
      </Typography>
    </Box>
  );
}

/** The homes on this page in four figures. */
export function SeasonSummary({
  homes,
  buying,
}: {
  homes: Schemas["SeasonCard"][];
  /** Gathered over all homes. */
  buying: Schemas["BuyingTotals"] | undefined;
}) {
  const currency = useCurrency();
  const next = homes.find((home) => home.days_to_go !== null && (home.days_to_go ?? -1) >= 0);
  const sum = (pick: (totals: Schemas["HomeTotals"]) => number) =>
    homes.reduce((total, home) => total + pick(home.totals), 0);
  const pending = sum((totals) => totals.pending);
  if (pending > 0 && pending === sum((totals) => totals.pieces))
    return <Sum figure="…" says="all still being reckoned" />;
  const short = sum((totals) => totals.short_lines);
  const sofar = pending > 0 ? " so far" : "";
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: { xs: 3, sm: 6 }, mb: 3 }}>
      {next && <Sum figure={next.days_to_go === 0 ? "today" : `${next.days_to_go} days`} says={`until ${next.name}`} />}
      <Sum figure={count(short)} says={`${short === 1 ? "thing" : "things"} short${sofar}`} />
      <Sum
        figure={buying ? money(buying.cents, currency) : "…"}
        says={
          <Link component={RouterLink} to="/buying">
            {["to buy", ...(buying && buying.late > 0 ? [`${buying.late} late`] : [])].join(", ") + sofar}
          </Link>
        }
      />
      <Sum figure={minutes(sum((totals) => totals.minutes))} says={`of dressing${sofar}`} />
    </Box>
  );
}
