import type { Schemas } from "../../api/client";
import { headOf, type StageSize } from "../shared/useSize";

export type Grouping = Schemas["GroupingDrawing"];
export type Thing = NonNullable<Grouping["things"]>[number];
export type Fill = NonNullable<Grouping["fill"]>;

/** A part of the stage and how metres lie in it. */
export interface View {
  left: number;
  top: number;
  width: number;
  height: number;
  scale: number;
  /** From the left end of the surface, or from the wall in the view from the side. */
  x: (metres: number) => number;
  /** Above the surface, or from the wall in the view from above. */
  y: (metres: number) => number;
}

export const VIEWS = ["front", "side", "above", "fill"] as const;
export type ViewName = (typeof VIEWS)[number];
export type Views = Partial<Record<ViewName, View>>;

const HEAD = 14;
/** Where a view is alone, the tools over it have this much. */
const HEAD_ALONE = 54;
/** Under the surface there is room for the words of its stretches, pixels. */
const FOOT = 82;
const SIDE = 26;
/** With less the views are shown one by one. */
const ALL_FROM = { width: 560, height: 330 };
const CELLS = 0.36;
const MOST_CELL = 196;
/** Shown of the wall above what stands, and of what is above the clear height, metres. */
const WALL_M = 0.18;
const ABOVE_M = 0.1;
/** What is seen of a surface's front, metres. */
export const APRON_M = 0.14;
/** Close to the group there is so much about it, metres. */
const CLOSE_M = 0.06;

export interface Part {
  left: number;
  top: number;
  width: number;
  height: number;
}

export interface Seen {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** What is to be seen as large as it fits into a part, some room free about it. */
export function fitted(
  part: Part,
  seen: Seen,
  free: { head: number; foot: number; side: number },
  upward = true,
): View {
  const wide = Math.max(part.width - 2 * free.side, 20);
  const high = Math.max(part.height - free.head - free.foot, 20);
  const scale = Math.max(Math.min(wide / (seen.right - seen.left), high / (seen.top - seen.bottom), 2000), 1);
  const middle = part.left + part.width / 2;
  const centre = part.top + free.head + high / 2;
  const turned = upward ? -1 : 1;
  return {
    ...part,
    scale,
    x: (metres) => middle + (metres - (seen.left + seen.right) / 2) * scale,
    y: (metres) => centre + turned * (metres - (seen.bottom + seen.top) / 2) * scale,
  };
}

function tallest({ things = [], sockets = [], surface }: Grouping): number {
  return Math.max(
    0.4,
    ...things.map(({ foot_m, height_m }) => foot_m + height_m + WALL_M),
    ...sockets.map(({ top_m }) => top_m + WALL_M),
    ...(surface.clear_m === undefined ? [] : [surface.clear_m + ABOVE_M]),
  );
}

function front(part: Part, drawing: Grouping, head: number, closer: boolean): View {
  const { surface, site, things = [] } = drawing;
  const long = surface.length_m ?? 1;
  if (!closer || !site)
    return fitted(
      part,
      { left: 0, right: long, bottom: -APRON_M, top: tallest(drawing) },
      { head, foot: FOOT, side: SIDE },
    );
  const high = Math.max(0.3, ...things.map(({ foot_m, height_m }) => foot_m + height_m + CLOSE_M));
  const left = Math.max(Math.min(site.from_m, ...things.map(from)) - CLOSE_M, -CLOSE_M);
  const right = Math.min(Math.max(site.to_m, ...things.map(to)) + CLOSE_M, long + CLOSE_M);
  return fitted(part, { left, right, bottom: 0, top: high }, { head, foot: FOOT, side: SIDE });
}

const from = ({ left_m, across_m }: Thing) => left_m - across_m / 2;
const to = ({ left_m, across_m }: Thing) => left_m + across_m / 2;

function side(part: Part, drawing: Grouping): View {
  const eye = drawing.eye ?? { height_m: 0.7, distance_m: 1.5 };
  const high = Math.max(eye.height_m + 0.2, tallest(drawing));
  return fitted(
    part,
    { left: -(eye.distance_m + 0.25), right: 0.1, bottom: Math.min(-0.22, eye.height_m - 0.4), top: high },
    { head: 48, foot: 8, side: 14 },
  );
}

function above(part: Part, { surface }: Grouping): View {
  return fitted(
    part,
    { left: 0, right: surface.length_m ?? 1, bottom: 0, top: surface.depth_m },
    { head: 30, foot: 44, side: 18 },
    false,
  );
}

function fill(part: Part, { fill: vessel }: Grouping): View | undefined {
  if (!vessel) return undefined;
  const words = part.width * 0.42;
  return fitted(
    { ...part, width: part.width - words },
    { left: -vessel.across_m / 2, right: vessel.across_m / 2, bottom: 0, top: vessel.height_m },
    { head: 30, foot: 14, side: 14 },
  );
}

/** Every view where there is room for all; else the one that was chosen, the front close. */
export function viewsOf(stage: StageSize, drawing: Grouping, chosen: ViewName, closer: boolean): Views {
  if (stage.width === 0 || drawing.surface.length_m === null) return {};
  const all = { left: 0, top: 0, width: stage.width, height: stage.height };
  const head = hasAll(stage) ? HEAD : headOf(stage, HEAD_ALONE);
  if (!hasAll(stage)) {
    const one = { front: front(all, drawing, head, true), side: side(below(all, head), drawing) };
    const rest = { above: above(below(all, head), drawing), fill: fill(below(all, head), drawing) };
    const found = { ...one, ...rest }[chosen];
    return found ? { [chosen]: found } : { front: one.front };
  }
  const cell = Math.min(stage.height * CELLS, MOST_CELL);
  const top = stage.height - cell;
  const shares = drawing.fill ? [0.38, 0.34, 0.28] : [0.45, 0.55, 0];
  const cells = shares.map((share, i) => ({
    left: stage.width * shares.slice(0, i).reduce((sum, one) => sum + one, 0),
    top,
    width: stage.width * share,
    height: cell,
  }));
  const [first, second, third] = cells as [Part, Part, Part];
  const close = fill(third, drawing);
  return {
    front: front({ ...all, height: top }, drawing, head, closer),
    side: side(first, drawing),
    above: above(second, drawing),
    ...(close && { fill: close }),
  };
}

function below(part: Part, head: number): Part {
  return { ...part, top: head, height: part.height - head };
}

/** Whether all views are seen at once. */
export function hasAll(stage: StageSize): boolean {
  return stage.width >= ALL_FROM.width && stage.height >= ALL_FROM.height;
}
