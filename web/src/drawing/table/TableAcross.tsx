import { length } from "../../units/format";
import type { View } from "../grouping/groupingViews";
import { label } from "../grouping/labels";
import { shade } from "../shared/shade";
import type { DrawingShades } from "../../theme/tokens";
import type { TableViewProps } from "./TableAbove";
import { CROWN_M, standing } from "./tableViews";

const HEAD_M = 0.17;
const CHIN_M = 0.11;

/** Somebody who sits at the edge and looks over the table; the eye is over the edge. */
function Guest({
  at,
  edge,
  eye,
  turned,
  shades,
}: {
  at: View;
  edge: number;
  eye: number;
  turned: boolean;
  shades: DrawingShades;
}) {
  const wide = HEAD_M * at.scale;
  const crown = at.y(eye + CROWN_M);
  const chin = at.y(eye - CHIN_M);
  const foot = at.top + at.height;
  return (
    <g transform={`translate(${at.x(edge)} 0) scale(${turned ? -1 : 1} 1)`} fill={shades.person}>
      <ellipse cx={-wide * 0.48} cy={(crown + chin) / 2} rx={wide / 2} ry={(chin - crown) / 2} />
      <path
        d={`M${-wide * 0.85},${chin - 3} h${wide * 0.5} q0,${wide * 0.4} ${wide * 0.3},${wide * 0.6} q${wide * 0.2},${wide * 0.5} ${wide * 0.05},${wide * 1.4} V${foot} H${-wide * 1.6} V${chin + wide * 1.5} q${wide * 0.05},${-wide * 1} ${wide * 0.75},${-wide * 1.15} z`}
      />
    </g>
  );
}

function verdict({ drawing, state, units }: Pick<TableViewProps, "drawing" | "state" | "units">): string {
  const ray = drawing[state];
  if (!ray) return "nothing between those who sit";
  if (ray.blocks) return "those who sit do not see each other";
  return ray.meets_m > 0
    ? `seen from ${length(ray.meets_m, units)} over the top upwards`
    : "all of who sits there is seen";
}

/** Across the table: two who sit opposite each other, and the line of sight over what hides most. */
export function TableAcross(props: TableViewProps) {
  const { drawing, at, shades, dusk, state } = props;
  const { table, eye_m = 0.45 } = drawing;
  const wide = table.width_m ?? 1;
  const ray = drawing[state];
  const over = ray && standing(drawing, state).find(({ number }) => number === ray.thing);
  // The line ends at the edge from which its thing is as far off as it is told.
  const far = ray && over ? Math.abs(wide - over.out_m - ray.away_m) < Math.abs(over.out_m - ray.away_m) : true;
  return (
    <g clipPath="url(#across-part)">
      <defs>
        <clipPath id="across-part">
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
      </defs>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shades.wallBottom} />
      <Guest at={at} edge={0} eye={eye_m} turned={false} shades={shades} />
      <Guest at={at} edge={wide} eye={eye_m} turned shades={shades} />
      <rect
        x={at.x(0)}
        y={at.y(0)}
        width={wide * at.scale}
        height={Math.max(0.04 * at.scale, 4)}
        fill={shade(table.colour, dusk ? -0.55 : 0.05)}
      />
      {standing(drawing, state).map((thing) => (
        <rect
          key={thing.number}
          x={at.x(thing.out_m - thing.deep_m / 2)}
          y={at.y(thing.foot_m + thing.height_m)}
          width={Math.max(thing.deep_m * at.scale, 1.5)}
          height={Math.max(thing.height_m * at.scale, 1)}
          rx={thing.round ? 3 : 1}
          fill={shade(thing.colour, dusk ? -0.45 : 0)}
          fillOpacity={thing.number === ray?.thing ? 1 : 0.45}
          stroke={thing.number === ray?.thing ? shades.strong : "none"}
          strokeWidth={0.8}
        />
      ))}
      {ray && (
        <path
          d={`M${at.x(far ? 0 : wide)},${at.y(eye_m)} L${at.x(far ? wide : 0)},${at.y(ray.meets_m)}`}
          stroke={ray.blocks ? shades.mark : shades.strong}
          strokeWidth={1.4}
          strokeDasharray="5 3"
          fill="none"
        />
      )}
      {[0, wide].map((edge) => (
        <circle key={edge} cx={at.x(edge)} cy={at.y(eye_m)} r={2.6} fill={shades.strong} />
      ))}
      <text x={at.left + 12} y={at.top + 18} {...label(shades, true)}>
        Across
      </text>
      <text x={at.left + 12} y={at.top + 35} {...label(shades)}>
        {verdict(props)}
      </text>
    </g>
  );
}
