import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { date } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";

type Kept = Schemas["KeptBy"]["items"][number];

function dates({ visit_on, strike_on }: Kept): string {
  if (!visit_on) return "no visit yet";
  return strike_on ? `${date(visit_on)} to ${date(strike_on)}` : `from ${date(visit_on)}`;
}

/** Which pieces keep some of it, and until when; a piece that gets less than it wants says so. */
export function KeptBy({ thing }: { thing: Schemas["StockThing"] }) {
  const units = useUnits();
  const { data } = useQuery({
    queryKey: [...keys.styles, "kept", thing.id],
    queryFn: () => ask(client.GET("/api/styles/{id}/kept", { params: { path: { id: thing.id } } })),
  });
  if (!data) return null;
  return (
    <>
      <Typography variant="h3" component="h3" sx={{ mt: 3 }}>
        Kept for
      </Typography>
      {data.items.length === 0 && <Typography color="textSecondary">No piece wants any.</Typography>}
      <Box component="ul" aria-label="Kept for" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {data.items.map((kept) => (
          <Box component="li" key={kept.piece} sx={{ display: "flex", gap: 1, py: 0.75 }}>
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Link component={RouterLink} to={`/pieces/${kept.piece}`} color="inherit" sx={{ fontWeight: 600 }}>
                {kept.name}
              </Link>
              <Typography variant="body2" color="textSecondary">
                {kept.home}, {dates(kept)}
              </Typography>
            </Box>
            <Typography sx={{ fontWeight: 600, color: kept.held < kept.wanted ? "error.main" : "text.primary" }}>
              {amount(kept.held, thing.kind, units)}
              {kept.held < kept.wanted && ` of ${amount(kept.wanted, thing.kind, units)}`}
            </Typography>
          </Box>
        ))}
      </Box>
    </>
  );
}
