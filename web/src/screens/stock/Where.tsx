import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { cutLength, date } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { CONDITIONS, DRAPES, ROLES, SEASONS, TAGS } from "./words";

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box sx={{ mb: 1 }}>
      <Typography variant="body2" color="textSecondary">
        {name}
      </Typography>
      {children}
    </Box>
  );
}

/** Rolls and offcuts of one length together: "2 × 9.0 m, 3.0 m". */
function rolls(lengths: number[], units: ReturnType<typeof useUnits>): string {
  const told = new Map<string, number>();
  for (const length of lengths) told.set(cutLength(length, units), (told.get(cutLength(length, units)) ?? 0) + 1);
  return [...told].map(([length, times]) => (times > 1 ? `${times} × ${length}` : length)).join(", ");
}

/** Where a thing is and what is known of it. */
export function Where({
  thing,
  details,
}: {
  thing: Schemas["StockThing"];
  details: Schemas["StockDetails"] | undefined;
}) {
  const units = useUnits();
  const several = thing.where.length > 1;
  const kept = [
    details?.keepsake_of && `of ${details.keepsake_of}`,
    details?.keepsake_year,
    details?.keepsake_from && `from ${details.keepsake_from}`,
  ].filter(Boolean);
  const state = [
    details?.colour_words,
    CONDITIONS[thing.condition ?? "good"],
    details?.finish,
    details?.drape && DRAPES[details.drape],
    details?.shedding && "sheds",
    thing.season && SEASONS[thing.season],
    thing.role && ROLES[thing.role],
  ].filter(Boolean);
  const bought = [details?.bought_from, details?.bought_on && date(details.bought_on)].filter(Boolean);
  return (
    <Box sx={{ flex: 1, minWidth: 0 }}>
      <Fact name="Where">
        {thing.where.length === 0 && <Typography>None is there</Typography>}
        {thing.where.map(({ box, number, place, seen_at, quantity }) => (
          <Box key={box}>
            {number === null ? (
              <Typography>{several && `${amount(quantity, thing.kind, units)} `}in no box</Typography>
            ) : (
              <Link component={RouterLink} to={`/boxes/${number}`} color="inherit" sx={{ fontWeight: 600 }}>
                {several && `${amount(quantity, thing.kind, units)} in `}Box {number}
                {place && `, ${place}`}
              </Link>
            )}
            {seen_at && (
              <Typography variant="body2" color="textSecondary">
                seen {date(seen_at.slice(0, 10))}
              </Typography>
            )}
          </Box>
        ))}
        {thing.whom.map(({ whom, quantity, since }) => (
          <Typography key={whom} color="secondary">
            {amount(quantity, thing.kind, units)} with {whom} since {date(since.slice(0, 10))}
          </Typography>
        ))}
      </Fact>
      {details && details.rolls.length > 0 && thing.kind === "ribbon" && (
        <Fact name="Rolls and offcuts">
          <Typography>{rolls(details.rolls, units)}</Typography>
        </Fact>
      )}
      <Fact name="State">
        <Typography>{state.join(", ")}</Typography>
      </Fact>
      {kept.length > 0 && (
        <Fact name="Keepsake">
          <Typography>{kept.join(", ")}</Typography>
        </Fact>
      )}
      {thing.tag && thing.tag !== "none" && (
        <Fact name="Tags">
          <Typography>
            {TAGS[thing.tag]}
            {thing.tag === "may_go_back" && thing.decide_by && ` until ${date(thing.decide_by)}`}
          </Typography>
        </Fact>
      )}
      {details && details.parts.length > 0 && (
        <Fact name="Parts">
          <Typography>{details.parts.join(", ")}</Typography>
        </Fact>
      )}
      {bought.length > 0 && (
        <Fact name="Bought">
          <Typography>{bought.join(", ")}</Typography>
        </Fact>
      )}
    </Box>
  );
}
