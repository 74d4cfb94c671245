import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";

/** The months a season is drawn over, from the first of November to the end of January. */
const FIRST_MONTH = 10;
const MONTHS = ["Nov", "Dec", "Jan"];
const DAY = 86_400_000;

function span(year: number) {
  const start = Date.UTC(year, FIRST_MONTH, 1);
  return { start, days: (Date.UTC(year, FIRST_MONTH + MONTHS.length, 1) - start) / DAY };
}

function share(day: string | null, year: number, missing: number): number {
  if (!day) return missing;
  const { start, days } = span(year);
  return Math.min(Math.max((Date.parse(day) - start) / DAY / days, 0), 1);
}

interface Props {
  keeps: Schemas["Keeping"][];
  year: number;
  says: string;
  width: number;
}

/** When pieces keep a thing, over the season: a thread from the visit to the strike. */
export function Lane({ keeps, year, says, width }: Props) {
  const { tokens } = useTheme().palette;
  const inner = width - 10;
  return (
    <Box
      component="svg"
      width={width}
      height={34}
      role="img"
      aria-label={says}
      sx={{ display: "block", flexShrink: 0 }}
    >
      <line x1={5} x2={5 + inner} y1={24} y2={24} stroke={tokens.frost} />
      {MONTHS.map((month, i) => (
        <line key={month} x1={5 + (inner * i) / 3} x2={5 + (inner * i) / 3} y1={20} y2={28} stroke={tokens.frost} />
      ))}
      {keeps.map(({ home, visit_on, strike_on }, i) => {
        const [left, right] = [share(visit_on, year, 0), share(strike_on, year, 1)];
        const y = 24 - i * 3;
        return (
          <g key={`${home}-${i}`}>
            <line x1={5 + left * inner} x2={5 + right * inner} y1={y} y2={y} stroke={tokens.spruce} strokeWidth={2.5} />
            <circle cx={5 + left * inner} cy={y} r={3} fill={tokens.card} stroke={tokens.spruce} strokeWidth={1.5} />
          </g>
        );
      })}
      <text x={5 + inner / 2} y={13} textAnchor="middle" fontSize={11} fill={tokens.quiet} fontFamily="inherit">
        {says}
      </text>
    </Box>
  );
}

/** The names of the months over the lanes. */
export function LaneHead({ width }: { width: number }) {
  const { tokens } = useTheme().palette;
  return (
    <Box component="svg" width={width} height={18} aria-hidden sx={{ display: "block", flexShrink: 0 }}>
      {MONTHS.map((month, i) => (
        <text
          key={month}
          x={5 + ((width - 10) * (i + 0.5)) / 3}
          y={13}
          textAnchor="middle"
          fontSize={12}
          fill={tokens.quiet}
        >
          {month}
        </text>
      ))}
    </Box>
  );
}
