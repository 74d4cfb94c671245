import { Fragment } from "react";
import type { DrawingShades } from "../../theme/tokens";
import { percent } from "../../units/format";
import { shade } from "../shared/shade";
import { Footprint } from "./Footprint";
import type { Grouping, View } from "./groupingViews";
import { SNOW } from "./shaped";

interface Props {
  drawing: Grouping;
  at: View;
  shades: DrawingShades;
  dusk: boolean;
  /** Share of the surface that stays free, as the plan has it. */
  free: number | null;
}

/** From above: the surface to scale, the wall at the upper edge, each thing by its footprint. */
export function AboveView({ drawing, at, shades, dusk, free }: Props) {
  const { surface, things = [], keep_free = [], site, snow } = drawing;
  const long = surface.length_m ?? 1;
  const [left, top] = [at.x(0), at.y(0)];
  const high = surface.depth_m * at.scale;
  return (
    <g clipPath="url(#above-part)">
      <defs>
        <clipPath id="above-part">
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
      </defs>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shades.wallBottom} />
      <rect
        x={left - 4}
        y={top - 6}
        width={long * at.scale + 8}
        height={6}
        fill={shade(surface.wall_colour, dusk ? -0.7 : -0.12)}
      />
      <rect
        x={left}
        y={top}
        width={long * at.scale}
        height={high}
        fill={shade(surface.top_colour, dusk ? -0.62 : 0.25)}
        stroke={shades.line}
      />
      {keep_free.map(({ what, from_m, to_m }) => (
        <rect
          key={`${what} ${from_m}`}
          x={at.x(from_m)}
          y={top}
          width={Math.max(at.x(to_m) - at.x(from_m), 0)}
          height={high}
          fill="url(#stays-free)"
        />
      ))}
      {site && (
        <rect
          x={at.x(site.from_m)}
          y={top}
          width={at.x(site.to_m) - at.x(site.from_m)}
          height={high}
          fill="none"
          stroke={shades.strong}
          strokeDasharray="4 3"
        />
      )}
      {things.map((thing) => (
        <Fragment key={thing.number}>
          <Footprint thing={thing} at={at} dusk={dusk} />
          {snow?.in.includes(thing.number) && (
            <rect
              x={at.x(thing.left_m - thing.across_m / 2) + 2}
              y={at.y(thing.out_m - thing.deep_m / 2) + 2}
              width={Math.max(thing.across_m * at.scale - 4, 1)}
              height={Math.max(thing.deep_m * at.scale - 4, 1)}
              rx={4}
              fill={shade(SNOW, dusk ? -0.3 : 0)}
            />
          )}
        </Fragment>
      ))}
      <text x={at.left + 12} y={at.top + 18} fontSize={12.5} fontWeight={600} fill={shades.strong}>
        From above
      </text>
      {free !== null && (
        <text x={at.left + 12} y={at.top + at.height - 14} fontSize={12.5} fill={shades.label}>
          <tspan fontSize={17} fontWeight={600} fill={shades.strong}>
            {percent(free)}
          </tspan>
          {" of it stays free"}
        </text>
      )}
    </g>
  );
}
