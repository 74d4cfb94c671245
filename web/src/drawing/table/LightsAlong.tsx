import { useMemo } from "react";
import type { DrawingShades } from "../../theme/tokens";
import { chance } from "../shared/chance";

interface Props {
  x: number;
  y: number;
  long: number;
  wide: number;
  shades: DrawingShades;
  dusk: boolean;
}

const EVERY = 13;

/** A fairy string wound along the middle: points by day, a glow at dusk. */
export function LightsAlong({ x, y, long, wide, shades, dusk }: Props) {
  const bulbs = useMemo(() => {
    const random = chance(17);
    const count = Math.max(Math.round(long / EVERY), 6);
    return Array.from({ length: count }, (_, i) => ({
      at: (long * (i + 0.2 + random() * 0.6)) / count,
      aside: (random() - 0.5) * wide * 0.7,
    }));
  }, [long, wide]);
  return bulbs.map(({ at, aside }, i) => (
    <g key={i}>
      {dusk && <circle cx={x + at} cy={y + aside} r={7} fill={shades.bulb} opacity={0.26} />}
      <circle cx={x + at} cy={y + aside} r={1.8} fill={shades.bulb} stroke="#b98a3a" strokeWidth={0.4} />
    </g>
  ));
}
