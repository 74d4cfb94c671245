import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { day, drawing as shadesOf, type DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { halo, label, LETTER } from "../grouping/labels";
import { shade } from "../shared/shade";
import { useSize } from "../shared/useSize";
import { Person } from "../wreath/HostDrawing";
import { PERSON, viewsOf, type Drops, type View } from "./dropsViews";
import { LineShape, PLAIN } from "./LineShape";

interface Props {
  drawing: Drops;
  dusk: boolean;
  units: Units;
  describe: string;
  closer?: boolean;
}

const TOP_M = 0.04;

/** What is behind, below and above them. */
function Ground({ drawing, at, shades, dusk }: { drawing: Drops; at: View; shades: DrawingShades; dusk: boolean }) {
  const { place } = drawing;
  const long = place.length_m ?? 1;
  const floor = at.y(0);
  const top = at.y(place.below_m);
  return (
    <g>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shade(place.colour, dusk ? -0.78 : 0)} />
      <rect
        x={at.left}
        y={at.top}
        width={at.width}
        height={Math.max(at.y(place.hooks_m) - at.top, 0)}
        fill={shades.surround}
      />
      <line
        x1={at.left}
        x2={at.left + at.width}
        y1={at.y(place.hooks_m)}
        y2={at.y(place.hooks_m)}
        stroke={shades.line}
      />
      <rect
        x={at.left}
        y={floor}
        width={at.width}
        height={Math.max(at.top + at.height - floor, 0)}
        fill={shades.floor}
      />
      {place.below_m > 0 && (
        <g stroke={shades.standLine}>
          {[0.06, 0.94].map((share) => (
            <rect
              key={share}
              x={at.x(long * share) - 0.03 * at.scale}
              y={top}
              width={0.06 * at.scale}
              height={Math.max(floor - top, 0)}
              fill={shades.stand}
            />
          ))}
          <rect x={at.x(-0.1)} y={top} width={(long + 0.2) * at.scale} height={TOP_M * at.scale} fill={shades.stand} />
        </g>
      )}
    </g>
  );
}

/** What is measured: the height of the hooks, the lowest, and what is to stay free where people walk. */
function Marks({ drawing, at, shades, units }: { drawing: Drops; at: View; shades: DrawingShades; units: Units }) {
  const { place, headroom_m, under_m: low = place.hooks_m } = drawing;
  const x = at.x(0) - 14;
  const [top, bottom] = [at.y(place.hooks_m), Math.min(at.y(0), at.top + at.height - 6)];
  const text = { textAnchor: "end" as const, ...halo(shades) };
  const right = at.x(place.length_m ?? 1);
  const free = headroom_m === undefined ? "" : `heads stay free up to ${length(headroom_m, units)}`;
  // Beside the lines where there is room for it.
  const beside = right + 8 + free.length * LETTER < at.left + at.width;
  return (
    <g>
      <path d={`M${x - 4},${top} h8 M${x},${top} V${bottom}`} stroke={shades.strong} fill="none" />
      <text x={x - 8} y={top + 13} {...text} {...label(shades, true)}>
        {length(place.hooks_m, units)}
      </text>
      <path d={`M${x - 4},${at.y(low)} h8`} stroke={shades.strong} />
      <text x={x - 8} y={at.y(low) + 4} {...text} {...label(shades)}>
        {length(low, units)}
      </text>
      {headroom_m !== undefined && (
        <g>
          <line
            x1={at.x(0)}
            x2={right}
            y1={at.y(headroom_m)}
            y2={at.y(headroom_m)}
            stroke={low < headroom_m ? day.brick : shades.mark}
            strokeDasharray="6 4"
          />
          <text
            x={beside ? right + 8 : right}
            y={at.y(headroom_m) + (beside ? 4 : 15)}
            {...text}
            textAnchor={beside ? "start" : "end"}
            {...label(shades)}
          >
            {free}
          </text>
        </g>
      )}
    </g>
  );
}

/** Hooks from above, each with what hangs from it. */
function Above({
  drawing,
  at,
  shades,
  dusk,
  units,
}: {
  drawing: Drops;
  at: View;
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
}) {
  const { place, lines = [] } = drawing;
  const long = place.length_m ?? 1;
  return (
    <g>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shades.wallBottom} />
      <line x1={at.left} x2={at.left + at.width} y1={at.top} y2={at.top} stroke={shades.line} />
      <rect
        x={at.x(0)}
        y={at.y(Math.max(place.depth_m / 2, 0.02))}
        width={long * at.scale}
        height={Math.max(place.depth_m, 0.04) * at.scale}
        fill={shades.surround}
        stroke={shades.line}
      />
      {lines.map((line) => (
        <circle
          key={line.number}
          cx={at.x(line.at_m)}
          cy={at.y(line.out_m)}
          r={Math.max((line.across_m / 2) * at.scale, 2)}
          fill={shade(line.colour ?? PLAIN, dusk ? -0.4 : 0)}
          fillOpacity={line.name === null ? 0.3 : 0.9}
          stroke={shades.label}
          strokeWidth={0.6}
        />
      ))}
      <text x={at.left + 12} y={at.top + 18} {...label(shades, true)}>
        From above
      </text>
      <text x={at.left + at.width - 12} y={at.top + 18} textAnchor="end" {...label(shades)}>
        {drawing.apart_m !== undefined && `${length(drawing.apart_m, units)} from hook to hook`}
      </text>
    </g>
  );
}

/** Things on their lines to scale, over what is below them, with a person beside; and their hooks from above. */
export function DropsStage({ drawing, dusk, units, describe, closer = false }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const { front, above } = useMemo(() => viewsOf(size, drawing, closer), [size, drawing, closer]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { place, lines = [] } = drawing;
  return (
    <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
      {front && (
        <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
          <Ground drawing={drawing} at={front} shades={shades} dusk={dusk} />
          {size.width > 520 && !closer && <Person at={front} x={(place.length_m ?? 1) + PERSON.away} shades={shades} />}
          {lines.map((line) => (
            <LineShape
              key={line.number}
              line={line}
              x={front.x(line.at_m)}
              y={front.y(place.hooks_m)}
              scale={front.scale}
              dusk={dusk}
              thread={shades.label}
            />
          ))}
          <Marks drawing={drawing} at={front} shades={shades} units={units} />
          {above && <Above drawing={drawing} at={above} shades={shades} dusk={dusk} units={units} />}
        </svg>
      )}
    </Box>
  );
}
