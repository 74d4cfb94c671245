import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import { length, otherLength, type Units } from "../../units/format";
import type { Projection } from "./projection";

/** Under this many pixels labels are short and make way for each other. */
const NARROW = 520;
/** A wall nearer to the trunk than this leaves no room for a label, pixels. */
const CLOSE = 230;
/** Tools stand over what is higher than this, pixels. */
const HEAD = 60;
/** About as wide as a letter of a label, pixels. */
const LETTER = 6.4;
const BOLD = 7;
/** From line to line of labels, pixels. */
const LINE = 17;

interface Props {
  drawing: Schemas["TreeDrawing"];
  projection: Projection;
  dusk: boolean;
  units: Units;
}

/** A measure with ticks at its ends. */
function Measure({ x1, y1, x2, y2, stroke }: { x1: number; y1: number; x2: number; y2: number; stroke: string }) {
  const flat = y1 === y2;
  const tick = (x: number, y: number) => (
    <line x1={flat ? x : x - 5} x2={flat ? x : x + 5} y1={flat ? y - 5 : y} y2={flat ? y + 5 : y} stroke={stroke} />
  );
  return (
    <g>
      <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={stroke} />
      {tick(x1, y1)}
      {tick(x2, y2)}
    </g>
  );
}

function gapSays(gap: number, top: string, narrow: boolean, units: Units): string {
  if (gap < 0) return `${narrow ? "" : `${top} `}${length(-gap, units)} over the ceiling`;
  return narrow ? `${length(gap, units)} clear` : `${length(gap, units)} clear above the ${top}`;
}

/** Height, spread, what is free above, the reach line: measures stay clear of the foliage. */
export function TreeDimensions({ drawing, projection, dusk, units }: Props) {
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { tree, room } = drawing;
  const above = ceilingLabel({ drawing, projection, units });
  if (!tree) return <CeilingLabel label={above} fill={shades.label} />;
  const { scale, middle, floor, width } = projection;
  const half = (tree.spread_m / 2) * scale;
  const foot = floor - tree.base_m * scale;
  const tip = foot - tree.height_m * scale;
  const crown = tip - tree.topper_rise_m * scale;
  const ceiling = floor - tree.ceiling_m * scale;
  const beside = Math.max(middle - half - 34, 84);
  const tight = tree.air_gap_m < 0.05;
  const narrow = width < NARROW;
  const topped = tree.topper_rise_m > 0;
  const gap = topped ? tree.air_gap_m : tree.tip_gap_m;
  const top = topped ? "topper" : "tip";
  const wall = Math.min(middle + (room.width_m - room.at_m) * scale, width) - 8;
  const fits = (words: string) => middle + 12 + words.length * BOLD < wall;
  const wordings = [gapSays(gap, top, narrow, units), gapSays(gap, top, true, units), length(Math.abs(gap), units)];
  // At the right where there is room for it, in few words where there is little; else at the left.
  const fitting = wordings.find(fits);
  const atLeft = fitting === undefined;
  // Beside a crown that all but touches, the words stand clear of its bow.
  const aside = gap * scale < 34 || ceiling < 0 ? Math.max((drawing.crown?.loop_m ?? 0) * scale * 1.15, 12) + 8 : 12;
  // Under the ceiling's own label where both stand at the left, and in the picture where the ceiling is above it.
  const under = ceiling + (atLeft ? 38 : 15);
  const wished = Math.max(tree.air_gap_m > 0 ? Math.max((ceiling + crown) / 2 + 4, under) : ceiling + 18, HEAD);
  // Below the tip the tree's own measure stands at the left: the words end before it.
  const free = atLeft && wished > tip - 12 ? middle - aside - beside - 10 : Infinity;
  const clear = fitting ?? wordings.find((words) => words.length * BOLD < free) ?? wordings.at(-1) ?? "";
  // Where the ceiling's words reach as far, those of the gap stand on a line of their own below.
  const long = clear.length * BOLD;
  const [from, to] = atLeft ? [middle - aside - long, middle - aside] : [middle + aside, middle + aside + long];
  const meets = above !== null && from < above.to + 8 && above.from - 8 < to;
  const clearAt = meets && Math.abs(wished - above.y) < LINE ? above.y + LINE : wished;
  const reach = room.reach_m === null || room.reach_m === undefined ? null : floor - room.reach_m * scale;
  const text = {
    fontSize: 12.5,
    fill: shades.label,
    paintOrder: "stroke" as const,
    stroke: dusk ? "#1d262c" : "#f2f2ed",
    strokeWidth: 3,
  };
  return (
    <g aria-hidden>
      <CeilingLabel label={above} fill={shades.label} />
      <Measure x1={beside} x2={beside} y1={tip} y2={foot} stroke={shades.strong} />
      <text
        x={beside - 9}
        y={(tip + foot) / 2 - 2}
        textAnchor="end"
        {...text}
        fontSize={15}
        fontWeight={600}
        fill={shades.strong}
      >
        {length(tree.height_m, units)}
      </text>
      <text x={beside - 9} y={(tip + foot) / 2 + 15} textAnchor="end" {...text}>
        {otherLength(tree.height_m, units)}
      </text>
      <Measure x1={middle - half} x2={middle + half} y1={floor + 14} y2={floor + 14} stroke={shades.strong} />
      <text x={middle} y={floor + 33} textAnchor="middle" {...text} fontSize={13} fill={shades.strong} strokeWidth={0}>
        {length(tree.spread_m, units)} spread
      </text>
      {room.free_width_m && (
        <text x={middle} y={floor + 49} textAnchor="middle" {...text} strokeWidth={0}>
          in {length(room.free_width_m, units)} free
        </text>
      )}
      {tree.air_gap_m > 0 && (
        <line
          x1={middle}
          x2={middle}
          y1={ceiling + 3}
          y2={crown - 2}
          stroke={tight ? "#b5402b" : shades.mark}
          strokeDasharray="3 3"
          strokeWidth={1.5}
        />
      )}
      <text
        x={atLeft ? middle - aside : middle + aside}
        textAnchor={atLeft ? "end" : "start"}
        y={clearAt}
        {...text}
        fontWeight={600}
        fill={tight ? (dusk ? "#ff9d88" : "#9c3b2a") : shades.strong}
      >
        {clear}
      </text>
      {reach !== null && !narrow && (
        <g>
          <line
            x1={middle - half - 26}
            x2={middle + half + 30}
            y1={reach}
            y2={reach}
            stroke={shades.mark}
            strokeDasharray="7 5"
            strokeWidth={1.5}
          />
          <text x={middle + half + 36} y={reach + 4} {...text} fill={shades.mark} fontWeight={600}>
            glass above {length(room.reach_m ?? 0, units)}
          </text>
        </g>
      )}
    </g>
  );
}

/** Where the ceiling says how high it is, and in which words; nothing where it is out of the picture. */
function ceilingLabel({ drawing, projection, units }: Omit<Props, "dusk">) {
  const { room, tree } = drawing;
  const { scale, middle, floor, width } = projection;
  const left = middle - room.at_m * scale;
  // Beside a wall that is close, or on a phone, it goes to the other side.
  const narrow = width < NARROW || left + room.width_m * scale - middle < CLOSE;
  const x = narrow ? Math.max(left, 0) + 10 : Math.min(left + room.width_m * scale, width) - 12;
  const slope = room.ceiling_left_m !== room.ceiling_right_m;
  const here = tree?.ceiling_m ?? room.ceiling_left_m;
  const span = `${length(room.ceiling_left_m, units)} to ${length(room.ceiling_right_m, units)}`;
  const labels = slope
    ? [...(tree ? [`ceiling ${span}, ${length(here, units)} over the branches`] : []), `ceiling ${span}`, span]
    : [`ceiling ${length(room.ceiling_left_m, units)}`];
  // At the left it ends before the tree's own measure; of its wordings the longest that does is taken.
  const free = narrow && tree ? Math.max(middle - (tree.spread_m / 2) * scale - 34, 84) - x - 8 : Infinity;
  const label = labels.find((words) => words.length * LETTER < free) ?? labels.at(-1);
  // The label stays under the line along all of its own length.
  const reach = slope && !narrow ? 300 : 0;
  const heightAt = (at: number) =>
    room.ceiling_left_m + ((room.ceiling_right_m - room.ceiling_left_m) * (at - left)) / (room.width_m * scale);
  const lowest = Math.min(heightAt(x), heightAt(narrow ? x + reach : x - reach));
  if (floor - lowest * scale < 0) return null;
  const says = label ?? "";
  const long = says.length * LETTER;
  const [from, to] = narrow ? [x, x + long] : [x - long, x];
  return { x, y: floor - lowest * scale + 18, says, anchor: narrow ? "start" : "end", from, to } as const;
}

function CeilingLabel({ label, fill }: { label: ReturnType<typeof ceilingLabel>; fill: string }) {
  return (
    label && (
      <text x={label.x} y={label.y} textAnchor={label.anchor} fontSize={12.5} fill={fill}>
        {label.says}
      </text>
    )
  );
}
