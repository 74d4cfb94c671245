import { day, drawing as shadesOf, evening } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import type { WreathView } from "../wreath/wreathProjection";
import type { Ring, Wall } from "./wallProjection";

interface Props {
  drawing: Wall;
  at: WreathView;
  dusk: boolean;
  units: Units;
  /** Whether it is said how far from the left each hook is. */
  ruler: boolean;
}

/** About as wide as a letter of a label, pixels. */
const LETTER = 7.2;
/** With less beside it the wall's height is told in its step, pixels. */
const NARROW = 80;
/** The ruler of the hooks hangs so far under the lowest ring, pixels. */
const BELOW = 22;

/** A pin is so much of its wreath, within these many pixels; smaller ones bear no number. */
const PIN_SHARE = 0.2;
const LEAST_PIN = 3.5;
const MOST_PIN = 9.5;
const NUMBERED = 8;

/** Heights at the left edge: of the wall and of the middle of the group. */
function Heights({ drawing, at, units, dusk, middle }: Omit<Props, "ruler"> & { middle: number | null }) {
  const { strong } = shadesOf[dusk ? "dusk" : "day"];
  const text = label(strong, dusk);
  const x = at.x(0) - 14;
  const top = at.y(drawing.wall.height_m);
  return (
    <g>
      <path d={`M${x - 4},${top} h8 M${x},${top} V${at.y(0)} M${x - 4},${at.y(0)} h8`} stroke={strong} fill="none" />
      <text x={x - 8} y={top + 12} textAnchor="end" {...text} fontWeight={600}>
        {length(drawing.wall.height_m, units)}
      </text>
      {middle !== null && (
        <>
          <path d={`M${x - 4},${at.y(middle)} h8`} stroke={strong} />
          <text x={x - 8} y={at.y(middle) - 3} textAnchor="end" {...text}>
            {length(middle, units)}
          </text>
          <text x={x - 8} y={at.y(middle) + 12} textAnchor="end" {...text} fontSize={11.5}>
            middle
          </text>
        </>
      )}
    </g>
  );
}

function label(fill: string, dusk: boolean) {
  return {
    fontSize: 12.5,
    fill,
    stroke: dusk ? "#1d262c" : "#f4f2ec",
    strokeWidth: 3.5,
    paintOrder: "stroke" as const,
  };
}

/** Of ticks along a line, those whose words do not run into the one before. */
function apart(ticks: { x: number; says: string }[]): { x: number; says: string }[] {
  return [...ticks]
    .sort((one, other) => one.x - other.x)
    .reduce<{ x: number; says: string }[]>((kept, tick) => {
      const last = kept[kept.length - 1];
      const free = last ? tick.x - last.x - ((last.says.length + tick.says.length) / 2) * LETTER > 10 : true;
      return free ? [...kept, tick] : kept;
    }, []);
}

/** A ruler under the group: where each hook is from the left edge of the wall. */
function Ruler({ rings, at, units, dusk }: { rings: Ring[]; at: WreathView; units: Units; dusk: boolean }) {
  const { strong } = shadesOf[dusk ? "dusk" : "day"];
  const lowest = Math.min(...rings.map(({ floor_m, diameter_m }) => floor_m - diameter_m / 2));
  const y = Math.min(at.y(lowest) + BELOW, at.height - 52);
  const left = Math.max(at.x(0), 6);
  const ticks = rings.map(({ hook_left_m }) => ({ x: at.x(hook_left_m), says: length(hook_left_m, units) }));
  const last = Math.max(...ticks.map(({ x }) => x));
  return (
    <g>
      <path d={`M${left},${y - 4} v8 M${left},${y} H${last}`} stroke={strong} fill="none" strokeWidth={1.2} />
      {ticks.map(({ x }, i) => (
        <path key={i} d={`M${x},${y - 4} v8`} stroke={strong} strokeWidth={1.2} />
      ))}
      {apart(ticks).map(({ x, says }) => (
        <text key={x} x={x} y={y + 18} textAnchor="middle" {...label(strong, dusk)} fontWeight={600}>
          {says}
        </text>
      ))}
    </g>
  );
}

/** A hook as a pin with its number, as on the nail map. */
function Hook({ ring, at, dusk }: { ring: Ring; at: WreathView; dusk: boolean }) {
  const tokens = dusk ? evening : day;
  const [x, y] = ring.held
    ? [at.x(ring.hook_left_m), at.y(ring.hook_floor_m)]
    : [at.x(ring.left_m), at.y(ring.floor_m)];
  const round = Math.min(Math.max(ring.diameter_m * at.scale * PIN_SHARE, LEAST_PIN), MOST_PIN);
  return (
    <g>
      <circle cx={x} cy={y} r={round} fill={tokens.card} stroke={tokens.ink} strokeWidth={1.8} />
      {round >= NUMBERED && (
        <text x={x} y={y + 4} textAnchor="middle" fontSize={11.5} fontWeight={700} fill={tokens.ink}>
          {ring.number}
        </text>
      )}
    </g>
  );
}

/** Every hook, by its number. */
export function HookPins({ rings, at, dusk }: { rings: Ring[]; at: WreathView; dusk: boolean }) {
  return (
    <g aria-hidden>
      {rings.map((ring) => (
        <Hook key={ring.number} ring={ring} at={at} dusk={dusk} />
      ))}
    </g>
  );
}

/** Lines and words over the wall: heights, width, the hooks and how far from the left they are. */
export function WallMarks({ drawing, at, dusk, units, ruler }: Props) {
  const { strong } = shadesOf[dusk ? "dusk" : "day"];
  const rings = drawing.rings ?? [];
  const { wall } = drawing;
  if (wall.width_m === null) return null;
  const tops = rings.map(({ floor_m, diameter_m }) => floor_m + diameter_m / 2);
  const feet = rings.map(({ floor_m, diameter_m }) => floor_m - diameter_m / 2);
  const middle = rings.length > 0 ? (Math.max(...tops) + Math.min(...feet)) / 2 : null;
  const foot = at.y(0) + 14;
  return (
    <g aria-hidden>
      {at.x(0) > NARROW && <Heights drawing={drawing} at={at} units={units} dusk={dusk} middle={middle} />}
      {foot < at.height - 20 && (
        <>
          <path
            d={`M${at.x(0)},${foot - 4} v8 M${at.x(0)},${foot} H${at.x(wall.width_m)} M${at.x(wall.width_m)},${foot - 4} v8`}
            stroke={strong}
            fill="none"
          />
          <text x={at.x(wall.width_m / 2)} y={foot + 17} textAnchor="middle" {...label(strong, dusk)} fontWeight={600}>
            {length(wall.width_m, units)}
          </text>
        </>
      )}
      {ruler && rings.length > 0 && <Ruler rings={rings} at={at} units={units} dusk={dusk} />}
    </g>
  );
}
