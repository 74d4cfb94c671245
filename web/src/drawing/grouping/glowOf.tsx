import type { DrawingShades } from "../../theme/tokens";
import { chance } from "../shared/chance";
import type { Fill } from "./groupingViews";

/** So many lights are drawn for every ball that is. */
const LIGHTS = 0.6;

/** Fairy lights between the balls: a point by day, a glow at dusk. */
export function glowOf(
  fill: Fill,
  { x, y, scale }: { x: number; y: number; scale: number },
  shades: DrawingShades,
  dusk: boolean,
) {
  const random = chance(fill.balls.length + 3);
  const count = Math.max(Math.round(fill.balls.length * LIGHTS), 6);
  return (
    <g>
      {Array.from({ length: count }, (_, i) => {
        const up = random() * fill.filled_m * 0.94;
        const across =
          (random() - 0.5) * fill.across_m * (fill.shape === "bowl" ? 0.4 + (0.6 * up) / fill.filled_m : 0.92);
        const [cx, cy] = [x + across * scale, y - (up + 0.005) * scale];
        return (
          <g key={i}>
            {dusk && <circle cx={cx} cy={cy} r={Math.max(scale * 0.012, 3)} fill={shades.bulb} opacity={0.28} />}
            <circle
              cx={cx}
              cy={cy}
              r={Math.max(scale * 0.0028, 1)}
              fill={shades.bulb}
              stroke="#b98a3a"
              strokeWidth={0.4}
            />
          </g>
        );
      })}
    </g>
  );
}
