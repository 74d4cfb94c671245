import type { Schemas } from "../../api/client";
import { headOf, type StageSize } from "../shared/useSize";
import { PERSON_AWAY_M, PERSON_M, type WreathView } from "../wreath/wreathProjection";

export type Wall = Schemas["WallDrawing"];
export type Ring = NonNullable<Wall["rings"]>[number];

const HEAD = 62;
const FOOT = 58;
/** Free at the left for heights, at both sides of the rest, pixels. */
const MEASURES = 92;
const SIDE = 18;
/** A person beside the wall, metres. */
const PERSON_WIDE_M = 0.3;
/** Free round the group when it fills the stage, metres. */
const ROUND_M = 0.12;
/** The wall's share of the stage where the group is shown close beside it, and how much larger it must be there. */
const PART = 0.45;
const WORTH = 1.4;

interface Seen {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** A person stands beside it where there is room: on a phone the wall has all of it. */
export function hasPerson(stage: StageSize): boolean {
  return stage.width > 520;
}

function wholeOf(wall: Wall["wall"], person: boolean): Seen {
  return {
    left: 0,
    right: (wall.width_m ?? 3) + (person ? PERSON_AWAY_M + PERSON_WIDE_M : 0),
    bottom: 0,
    top: Math.max(wall.height_m, PERSON_M),
  };
}

function group(rings: Ring[]): Seen {
  const edge = (one: (ring: Ring, half: number) => number) => rings.map((ring) => one(ring, ring.diameter_m / 2));
  return {
    left: Math.min(...edge((ring, half) => ring.left_m - half)) - ROUND_M,
    right: Math.max(...edge((ring, half) => ring.left_m + half)) + ROUND_M,
    bottom: Math.min(...edge((ring, half) => ring.floor_m - half)) - ROUND_M,
    top: Math.max(...edge((ring, half) => Math.max(ring.floor_m + half, ring.hook_floor_m))) + ROUND_M,
  };
}

/** The wall to scale, the group close beside it where that shows more of it, or the group alone. */
export interface WallViews {
  whole: WreathView | null;
  close: WreathView | null;
}

type Frame = Pick<WreathView, "left" | "top" | "width" | "height">;

/** Metres from the wall's left edge and the floor to pixels of a part of the stage. */
function seenIn(frame: Frame, { left, right, bottom, top }: Seen, head: number, foot: number, beside: number) {
  const wide = Math.max(frame.width - beside - SIDE, 20);
  const high = Math.max(frame.height - head - foot, 20);
  const scale = Math.max(Math.min(wide / (right - left), high / (top - bottom), 1200), 1);
  const middle = frame.left + beside + wide / 2;
  const lower = frame.top + head + high / 2 + ((top - bottom) / 2) * scale;
  return {
    ...frame,
    scale,
    x: (metres: number) => middle + (metres - (left + right) / 2) * scale,
    y: (metres: number) => lower - (metres - bottom) * scale,
  };
}

export function projectWall(stage: StageSize, drawing: Wall, closer: boolean): WallViews {
  const rings = drawing.rings ?? [];
  const head = headOf(stage, HEAD);
  const all = { left: 0, top: 0, width: stage.width, height: stage.height };
  const person = hasPerson(stage);
  const beside = person ? MEASURES : SIDE;
  const whole = seenIn(all, wholeOf(drawing.wall, person), head, FOOT, beside);
  if (rings.length === 0) return { whole, close: null };
  if (closer) return { whole: null, close: seenIn(all, group(rings), head, SIDE, SIDE) };
  const split = Math.round(stage.width * PART);
  const close = seenIn({ ...all, left: split, width: stage.width - split }, group(rings), head, SIDE, SIDE);
  if (!person || close.scale < whole.scale * WORTH) return { whole, close: null };
  return { whole: seenIn({ ...all, width: split }, wholeOf(drawing.wall, person), head, FOOT, beside), close };
}

/** The same view with its middle at a ring, or at what it hangs in. */
export function about(at: WreathView, left: number): WreathView {
  return { ...at, x: (metres) => at.x(left + metres) };
}
