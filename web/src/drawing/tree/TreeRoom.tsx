import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import { type Projection } from "./projection";
import { length, type Units } from "../../units/format";

interface Props {
  room: Schemas["RoomDrawing"];
  /** Half the spread of the tree, metres. */
  half: number;
  projection: Projection;
  dusk: boolean;
  units: Units;
}

const PERSON = 1.7;

/** Somebody of 1.70 m, for size. */
function Person({ x, floor, scale, fill }: { x: number; floor: number; scale: number; fill: string }) {
  const at = (height: number) => floor - height * scale;
  const s = scale;
  return (
    <g fill={fill}>
      <circle cx={x} cy={at(PERSON - 0.11)} r={0.11 * s} />
      <path
        d={`M${x - 0.2 * s},${at(1.36)} q${0.2 * s},${-0.08 * s} ${0.4 * s},0 l${0.07 * s},${0.62 * s} h${-0.09 * s} l${-0.05 * s},${-0.42 * s} l${0.02 * s},${0.48 * s} l${-0.05 * s},${0.68 * s} h${-0.1 * s} v${-0.62 * s} h${-0.02 * s} v${0.62 * s} h${-0.1 * s} l${-0.05 * s},${-0.68 * s} l${0.02 * s},${-0.48 * s} l${-0.05 * s},${0.42 * s} h${-0.09 * s} z`}
      />
    </g>
  );
}

/** Room for the height and its label at the left of the tree, pixels. */
const MEASURES = 130;

/** The words of the reach line, pixels. */
const REACH = 150;

/** Where the person stands: right of the tree, else left of its measures, within the walls; null when there is no room. */
function standing({
  half,
  beside,
  projection,
  from,
  to,
}: {
  half: number;
  /** Words that stand at the right of the tree, pixels. */
  beside: number;
  projection: Projection;
  from: number;
  to: number;
}): number | null {
  const { scale, middle, width } = projection;
  const shoulder = 0.3 * scale;
  const edge = half * scale + shoulder + beside;
  const right = Math.min(middle + Math.max(width * 0.36, 1.15 * scale), to - shoulder);
  if (right >= middle + edge) return right;
  const clear = half * scale + shoulder + MEASURES;
  const left = Math.max(middle - Math.max(width * 0.36, clear), from + shoulder);
  return left <= middle - clear ? left : null;
}

/** What stands behind a tree by its stance. */
function Behind({ room, projection, dusk }: Omit<Props, "half" | "units">) {
  const { scale, middle, floor } = projection;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  if (room.stance === "corner") {
    const ceiling =
      floor - (room.ceiling_left_m + ((room.ceiling_right_m - room.ceiling_left_m) * room.at_m) / room.width_m) * scale;
    return <line x1={middle} x2={middle} y1={ceiling} y2={floor} stroke={shades.line} strokeWidth={1.5} />;
  }
  if (room.stance !== "bay") return null;
  const wide = 2.9 * scale;
  const sill = floor - 0.62 * scale;
  const head = floor - Math.min(Math.min(room.ceiling_left_m, room.ceiling_right_m) - 0.45, 2.55) * scale;
  const bars = [-0.5, -1 / 6, 1 / 6, 0.5];
  return (
    <g stroke={shades.line} strokeWidth={2} fill="none">
      <rect x={middle - wide / 2} y={head} width={wide} height={sill - head} fill={shades.glass} />
      {bars.map((bar) => (
        <line key={bar} x1={middle + bar * wide} x2={middle + bar * wide} y1={head} y2={sill} strokeWidth={4} />
      ))}
      <line
        x1={middle - wide / 2}
        x2={middle + wide / 2}
        y1={head + (sill - head) * 0.36}
        y2={head + (sill - head) * 0.36}
      />
      <line x1={middle - wide / 2 - 8} x2={middle + wide / 2 + 8} y1={sill} y2={sill} strokeWidth={4} />
    </g>
  );
}

/** Wall, ceiling line, floor, window and a person: everything behind the tree. */
export function TreeRoom({ room, half, projection, dusk, units }: Props) {
  const { scale, middle, floor, width, height } = projection;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const left = middle - room.at_m * scale;
  const right = left + room.width_m * scale;
  const ceilingAt = (x: number) => {
    const share = Math.min(Math.max((x - left) / (right - left), 0), 1);
    return floor - (room.ceiling_left_m + (room.ceiling_right_m - room.ceiling_left_m) * share) * scale;
  };
  const from = Math.max(left, 0);
  const to = Math.min(right, width);
  const stand = standing({ half, beside: room.reach_m ? REACH : 0, projection, from, to });
  return (
    <g aria-hidden>
      <defs>
        <linearGradient id="wall" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={shades.wallTop} />
          <stop offset="1" stopColor={shades.wallBottom} />
        </linearGradient>
      </defs>
      <rect width={width} height={height} fill={shades.floor} />
      <rect width={width} height={floor} fill={shades.wallBottom} />
      <polygon
        points={`${from},${floor} ${from},${ceilingAt(from)} ${to},${ceilingAt(to)} ${to},${floor}`}
        fill="url(#wall)"
      />
      <Behind room={room} projection={projection} dusk={dusk} />
      <line x1={from} y1={ceilingAt(from)} x2={to} y2={ceilingAt(to)} stroke={shades.line} strokeWidth={2.5} />
      {left > 0 && <line x1={left} x2={left} y1={ceilingAt(left)} y2={floor} stroke={shades.line} strokeWidth={1.5} />}
      {right < width && (
        <line x1={right} x2={right} y1={ceilingAt(right)} y2={floor} stroke={shades.line} strokeWidth={1.5} />
      )}
      <line x1={0} x2={width} y1={floor} y2={floor} stroke={shades.floorEdge} strokeWidth={1.5} />
      {stand !== null && <Person x={stand} floor={floor} scale={scale} fill={shades.person} />}
      {stand !== null && (
        <text x={stand} y={floor + 18} textAnchor="middle" fontSize={12} fill={shades.label}>
          {length(PERSON, units)}
        </text>
      )}
    </g>
  );
}
