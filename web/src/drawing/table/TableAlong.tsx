import { length } from "../../units/format";
import { StandingThing } from "../grouping/StandingThing";
import { label } from "../grouping/labels";
import { shade } from "../shared/shade";
import type { TableViewProps } from "./TableAbove";
import { standing } from "./tableViews";

const THICK_M = 0.04;

/** Along the table: what stands there by its height, the runner over both ends. */
export function TableAlong({ drawing, at, shades, dusk, units, state }: TableViewProps) {
  const { table, runner } = drawing;
  const long = table.length_m ?? 1;
  const wood = shade(table.colour, dusk ? -0.55 : 0.05);
  const tall = Math.max(0, ...standing(drawing, state).map(({ foot_m, height_m }) => foot_m + height_m));
  const thick = Math.max(THICK_M * at.scale, 4);
  return (
    <g clipPath="url(#along-part)">
      <defs>
        <clipPath id="along-part">
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
      </defs>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shades.wallBottom} />
      {[0.08, 0.92].map((share) => (
        <rect
          key={share}
          x={at.x(long * share) - 3}
          y={at.y(0)}
          width={6}
          height={at.height}
          fill={shade(table.colour, dusk ? -0.65 : -0.12)}
        />
      ))}
      <rect x={at.x(0)} y={at.y(0)} width={long * at.scale} height={thick} fill={wood} />
      {runner && (
        <g fill={shade(runner.colour, dusk ? -0.5 : 0)}>
          <rect
            x={at.x(Math.max(runner.from_m, 0))}
            y={at.y(0) - (runner.kind === "greens" ? 0.03 * at.scale : 1.5)}
            width={(Math.min(runner.to_m, long) - Math.max(runner.from_m, 0)) * at.scale}
            height={runner.kind === "greens" ? 0.03 * at.scale : 2}
            rx={runner.kind === "greens" ? 2 : 0}
          />
          {runner.from_m < 0 && <rect x={at.x(0) - 2} y={at.y(0)} width={3} height={-runner.from_m * at.scale} />}
          {runner.to_m > long && (
            <rect x={at.x(long) - 1} y={at.y(0)} width={3} height={(runner.to_m - long) * at.scale} />
          )}
        </g>
      )}
      {standing(drawing, state).map((thing) => (
        <StandingThing key={thing.number} thing={thing} at={at} shades={shades} dusk={dusk} />
      ))}
      <text x={at.left + 12} y={at.top + 18} {...label(shades, true)}>
        Along
      </text>
      <text x={at.left + 12} y={at.top + 35} {...label(shades)}>
        {tall > 0 ? `up to ${length(tall, units)} over the top` : "nothing stands there"}
      </text>
    </g>
  );
}
