import type { Schemas } from "../../../api/client";
import type { PlanThing, PlanWall, Spot } from "../../../drawing/room/PlanDrawing";
import type { RoomDraft } from "../roomDraft";

export type Plan = Schemas["FloorPlan"];
export type Wall = Plan["walls"][number];
export type Opening = Plan["openings"][number];
export type Thing = Plan["things"][number];
export type Socket = Plan["sockets"][number];

/** The walls of a rectangle, from the one that is faced on to the right. */
const RECTANGLE: [string, string][] = [
  ["front", "Front wall"],
  ["right", "Right wall"],
  ["behind", "Wall behind"],
  ["left", "Left wall"],
];

const plain = (key: string): Wall => ({ key, name: "", colour: null, x_m: null, y_m: null });

/** The walls as they are told: a room nobody has named the walls of has four. */
export function wallsOf({ walls }: Plan): Wall[] {
  return walls.length > 0 ? walls : RECTANGLE.map(([key]) => plain(key));
}

export function wallName(wall: Wall, index: number): string {
  return wall.name.trim() || RECTANGLE[index]?.[1] || `Wall ${index + 1}`;
}

export function isRectangle(plan: Plan): boolean {
  return plan.walls.every(({ x_m }) => x_m === null);
}

/** Corners in the order of the walls that begin at them. */
export function cornersOf({ plan, width_m, depth_m }: Pick<RoomDraft, "plan" | "width_m" | "depth_m">): Spot[] {
  if (!isRectangle(plan)) return plan.walls.map(({ x_m, y_m }) => [x_m ?? 0, y_m ?? 0]);
  const [wide, deep] = [width_m ?? 0, depth_m ?? 0];
  return [
    [0, 0],
    [wide, 0],
    [wide, deep],
    [0, deep],
  ];
}

/** The same room with corners of its own, to be moved. */
export function withCorners(draft: Pick<RoomDraft, "plan" | "width_m" | "depth_m">): Wall[] {
  const corners = cornersOf(draft);
  return wallsOf(draft.plan).map((wall, i) => ({ ...wall, x_m: corners[i]?.[0] ?? 0, y_m: corners[i]?.[1] ?? 0 }));
}

/** One corner more, in the middle of a wall. */
export function cornerAfter(walls: Wall[], index: number): Wall[] {
  const [wall, next] = [walls[index], walls[(index + 1) % walls.length]];
  if (!wall || !next) return walls;
  const used = new Set(walls.map(({ key }) => key));
  let number = walls.length + 1;
  while (used.has(`w${number}`)) number += 1;
  const middle = (one: number | null, other: number | null) => Number((((one ?? 0) + (other ?? 0)) / 2).toFixed(3));
  const corner = { ...plain(`w${number}`), x_m: middle(wall.x_m, next.x_m), y_m: middle(wall.y_m, next.y_m) };
  return [...walls.slice(0, index + 1), corner, ...walls.slice(index + 1)];
}

/** How far walls reach whose corners are said: width and depth of the room. */
export function extentOf(walls: Wall[]): { width_m: number; depth_m: number } {
  const reach = (values: number[]) => Number((Math.max(...values) - Math.min(...values)).toFixed(3));
  return { width_m: reach(walls.map(({ x_m }) => x_m ?? 0)), depth_m: reach(walls.map(({ y_m }) => y_m ?? 0)) };
}

function along(from: Spot, to: Spot, left: number, out: number): [number, number] {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const [ux, uy] = [(to[0] - from[0]) / long, (to[1] - from[1]) / long];
  return [from[0] + ux * left - uy * out, from[1] + uy * left + ux * out];
}

/** The draft as a drawing from above takes it. */
export function sketchOf(draft: RoomDraft): { walls: PlanWall[]; things: PlanThing[] } {
  const corners = cornersOf(draft);
  const walls = wallsOf(draft.plan).map((wall, i) => ({
    key: wall.key,
    name: wallName(wall, i),
    from: [...(corners[i] ?? [0, 0])],
    to: [...(corners[(i + 1) % corners.length] ?? [0, 0])],
    openings: draft.plan.openings.filter(({ wall: key }) => key === wall.key),
  }));
  const things = draft.plan.things.flatMap((thing, i) => {
    const at = walls.findIndex(({ key }) => key === thing.wall);
    const [from, to] = [corners[at], corners[(at + 1) % corners.length]];
    if (!from || !to) return [];
    const out = thing.out_m ?? thing.depth_m / 2;
    const half = thing.width_m / 2;
    const [near, far] = [Math.max(out - thing.depth_m / 2, 0), out + thing.depth_m / 2];
    const footprint = [
      along(from, to, thing.at_m - half, near),
      along(from, to, thing.at_m + half, near),
      along(from, to, thing.at_m + half, far),
      along(from, to, thing.at_m - half, far),
    ];
    const { name, kind, colour } = thing;
    return [{ id: `thing-${i}`, name, kind, colour, piece: false, round: false, footprint }];
  });
  return { walls, things };
}

/** What is usual, to begin with. */
export function newOpening(kind: Opening["kind"], wall: string): Opening {
  const usual = {
    door: { width_m: 0.83, height_m: 2, floor_m: 0, swing: "in_left" as const },
    window: { width_m: 1.2, height_m: 1.2, floor_m: 0.9, swing: "none" as const },
    passage: { width_m: 1.2, height_m: 2.1, floor_m: 0, swing: "none" as const },
  }[kind];
  return { kind, name: "", wall, left_m: 0.2, stands_open: false, leads_to: null, ...usual };
}

const SIZES: Partial<Record<Thing["kind"], [number, number, number, number?]>> = {
  sofa: [1.9, 0.9, 0.8],
  chair: [0.8, 0.8, 0.95],
  table: [1.4, 0.8, 0.75],
  bench: [1.1, 0.4, 0.45],
  cabinet: [1.2, 0.45, 0.9],
  shelf: [0.9, 0.3, 1.9],
  mantel: [1.5, 0.2, 1.2],
  lamp: [0.4, 0.4, 1.6],
  mirror: [0.7, 0.04, 0.9, 1.2],
  picture: [0.8, 0.03, 0.6, 1.3],
  media: [1.2, 0.1, 0.7, 0.8],
  bed: [1.6, 2, 0.6],
};

export function newThing(kind: Thing["kind"], name: string, wall: string): Thing {
  const [width_m, depth_m, height_m, floor_m = 0] = SIZES[kind] ?? [0.6, 0.6, 0.9];
  return { name, kind, wall, at_m: 1, out_m: null, width_m, depth_m, height_m, floor_m, colour: null };
}
