import type { DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { shade } from "../shared/shade";
import type { Grouping, View } from "./groupingViews";
import { PLAIN, VesselShape } from "./VesselShape";

interface Props {
  drawing: Grouping;
  at: View;
  /** The whole width of its part, the words beside the vessel with it. */
  width: number;
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
}

const ROW = 24;

/** The vessel close, with how many of each size go in. */
export function FillView({ drawing, at, width, shades, dusk, units }: Props) {
  const { fill } = drawing;
  if (!fill) return null;
  const words = at.left + at.width + 4;
  const line = at.y(fill.filled_m);
  return (
    <g>
      <rect x={at.left} y={at.top} width={width} height={at.height} fill={shades.wallBottom} />
      <VesselShape fill={fill} x={at.x(0)} y={at.y(0)} scale={at.scale} shades={shades} dusk={dusk} />
      <path d={`M${at.x(fill.across_m / 2)},${line} H${words}`} stroke={shades.label} />
      <g fontSize={12.5} fill={shades.label}>
        <text x={words + 4} y={line + 4}>
          {length(fill.filled_m, units)}
        </text>
        {fill.sizes.map((size, i) => {
          const y = line + 26 + i * ROW;
          const colour = size.colour ?? PLAIN;
          return (
            <g key={size.style}>
              <circle
                cx={words + 10}
                cy={y}
                r={Math.max(9 - i * 2, 4)}
                fill={shade(colour, dusk ? -0.35 : 0)}
                stroke={shade(colour, -0.45)}
              />
              <text x={words + 26} y={y + 4} fontWeight={600} fill={shades.strong}>
                {size.count}
              </text>
            </g>
          );
        })}
      </g>
      <text x={at.left + 12} y={at.top + 18} fontSize={12.5} fontWeight={600} fill={shades.strong}>
        The fill
      </text>
    </g>
  );
}
