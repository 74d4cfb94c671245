import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { useCurrency } from "../../units/useUnits";
import { money } from "../../units/format";

const HIGH = 44;
const WIDE = 24;
const GAP = 6;
/** So many seasons are drawn. */
const MOST = 8;

/** What one costs for each season it is put up: so far, and to the end it should last. */
export function Cost({ thing }: { thing: Schemas["StockDetails"] }) {
  const { tokens } = useTheme().palette;
  const currency = useCurrency();
  if (thing.cost_cents === null) return null;
  const bars = thing.cost_by_season.slice(-MOST);
  const most = Math.max(...bars.map(({ cents }) => cents), 1);
  const ofHowMany = thing.seasons_expected ? ` of ${thing.seasons_expected}` : "";
  const says = thing.seasons_used ? `each, season ${thing.seasons_used}${ofHowMany}` : "each";
  return (
    <Box sx={{ mt: 3 }}>
      <Typography variant="h3" component="h3">
        Cost per season
      </Typography>
      <Box sx={{ display: "flex", alignItems: "flex-end", gap: 2 }}>
        <Box sx={{ flex: 1 }}>
          <Typography sx={{ fontSize: "1.5rem", fontWeight: 600 }}>{money(thing.cost_cents, currency)}</Typography>
          <Typography variant="body2" color="textSecondary">
            {says}
          </Typography>
        </Box>
        <Box
          component="svg"
          width={bars.length * (WIDE + GAP)}
          height={HIGH + 16}
          role="img"
          aria-label={bars.map(({ year, cents }) => `${year}: ${money(cents, currency)}`).join(", ")}
        >
          {bars.map(({ year, cents, ahead }, i) => {
            const high = Math.max((cents / most) * HIGH, 2);
            return (
              <g key={year} transform={`translate(${i * (WIDE + GAP)} 0)`}>
                <rect
                  x={0.5}
                  y={HIGH - high + 0.5}
                  width={WIDE}
                  height={high}
                  fill={
                    ahead ? "none" : i === bars.filter((bar) => !bar.ahead).length - 1 ? tokens.spruce : tokens.lichen
                  }
                  stroke={ahead ? tokens.edge : "none"}
                  strokeDasharray="2 2"
                />
                <text x={WIDE / 2} y={HIGH + 13} textAnchor="middle" fontSize={11} fill={tokens.quiet}>
                  ’{String(year).slice(2)}
                </text>
              </g>
            );
          })}
        </Box>
      </Box>
      {thing.due && (
        <Typography variant="body2" color="error" sx={{ mt: 0.5 }}>
          Time for another one{thing.dead_percent ? `: ${thing.dead_percent} % of its bulbs are dead` : ""}.
        </Typography>
      )}
    </Box>
  );
}
