import { isWhole, type WholeWreath } from "../wreath/paintWreath";
import type { Ring, Wall } from "./wallProjection";

type Host = WholeWreath["host"];

/** What of a door's fittings a wall and its openings have none of. */
const BARE = {
  handle: "none",
  handle_m: 0,
  knocker_m: null,
  slot_m: null,
  glass_from_m: null,
  glass_to_m: null,
  opens: "inward",
  backing_m: null,
  backing_colour: "#e6d9bd",
} as const;

type Opening = NonNullable<Wall["openings"]>[number];

/** An opening as a wreath's own drawing knows what it hangs on. */
export function hostOf({ kind, width_m, floor_m, height_m }: Opening, colour: string): Host {
  return { ...BARE, host: kind, width_m, floor_m, height_m, colour };
}

function openingOf({ openings = [] }: Wall, ring: Ring): Opening | undefined {
  return openings.find(({ left_m, width_m }) => ring.left_m > left_m && ring.left_m < left_m + width_m);
}

/** One ring of a wall as the drawing of a wreath, its middle at nothing. */
export function ringDrawing(drawing: Wall, ring: Ring): WholeWreath | null {
  const look = drawing.looks?.[ring.look];
  if (!look?.ring) return null;
  const opening = openingOf(drawing, ring);
  const top = ring.floor_m + ring.diameter_m / 2 + (look.hanger?.drop_m ?? 0);
  const host = opening
    ? hostOf(opening, drawing.wall.colour)
    : { ...BARE, host: "mantel_wall" as const, width_m: 1, floor_m: 0, height_m: top, colour: drawing.wall.colour };
  const drawn = {
    ...look,
    host,
    ring: { ...look.ring, centre_m: ring.floor_m },
    styles: drawing.styles ?? {},
    hook: { x_m: ring.hook_left_m - ring.left_m, floor_m: ring.hook_floor_m, held: ring.held, leaf: null },
  };
  return isWhole(drawn) ? drawn : null;
}
