import type { Schemas } from "../../api/client";
import { headOf, type StageSize } from "../shared/useSize";

export type Drops = Schemas["DropsDrawing"];
export type Line = NonNullable<Drops["lines"]>[number];

/** A part of the stage and how metres lie in it. */
export interface View {
  left: number;
  top: number;
  width: number;
  height: number;
  scale: number;
  x: (metres: number) => number;
  /** Above the floor, or from the middle in the view from above. */
  y: (metres: number) => number;
}

const HEAD = 56;
const FOOT = 40;
const SIDE = 70;
/** With less height there is no view from above beside it. */
const ABOVE_FROM = 340;
const ABOVE = 0.26;
/** A person stands beside them: so far away, so wide, so tall, metres. */
export const PERSON = { away: 0.45, wide: 0.4, tall: 1.7 };
/** A table is seen down to so much under its top when they are looked at closely, metres. */
const UNDER_M = 0.12;

interface Part {
  left: number;
  top: number;
  width: number;
  height: number;
}

function fitted(
  part: Part,
  seen: { left: number; right: number; bottom: number; top: number },
  head: number,
  foot: number,
  side: number,
): View {
  const wide = Math.max(part.width - 2 * side, 20);
  const high = Math.max(part.height - head - foot, 20);
  const scale = Math.max(Math.min(wide / (seen.right - seen.left), high / (seen.top - seen.bottom), 1500), 1);
  const middle = part.left + part.width / 2;
  const centre = part.top + head + high / 2;
  return {
    ...part,
    scale,
    x: (metres) => middle + (metres - (seen.left + seen.right) / 2) * scale,
    y: (metres) => centre - (metres - (seen.bottom + seen.top) / 2) * scale,
  };
}

function low({ lines = [], place }: Drops): number {
  return Math.min(place.below_m, ...lines.map(({ drop_m, across_m }) => place.hooks_m - drop_m - across_m));
}

/** From the front to scale, and from above where there is room. */
export function viewsOf(stage: StageSize, drawing: Drops, closer: boolean): { front: View | null; above: View | null } {
  const { place } = drawing;
  if (stage.width === 0 || place.length_m === null) return { front: null, above: null };
  const above = stage.height >= ABOVE_FROM ? Math.round(stage.height * ABOVE) : 0;
  const head = headOf(stage, HEAD);
  const all = { left: 0, top: 0, width: stage.width, height: stage.height - above };
  const person = stage.width > 520 && !closer;
  const front = fitted(
    all,
    {
      left: 0,
      right: place.length_m + (person ? PERSON.away + PERSON.wide : 0),
      bottom: closer ? Math.max(low(drawing) - UNDER_M, 0) : 0,
      top: place.hooks_m,
    },
    head,
    FOOT,
    SIDE,
  );
  if (above === 0) return { front, above: null };
  const part = { left: 0, top: stage.height - above, width: stage.width, height: above };
  const half = Math.max(place.depth_m / 2, 0.15);
  return { front, above: fitted(part, { left: 0, right: place.length_m, bottom: -half, top: half }, 28, 14, SIDE) };
}
