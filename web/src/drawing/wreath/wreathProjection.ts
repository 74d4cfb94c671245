import type { Schemas } from "../../api/client";
import { headOf, type StageSize } from "../shared/useSize";

type Drawing = Schemas["WreathDrawing"];

/** A part of the stage with how metres become pixels in it: seen straight from the front. */
export interface WreathView {
  scale: number;
  x: (metres: number) => number;
  y: (metres: number) => number;
  left: number;
  top: number;
  width: number;
  height: number;
}

/** The whole that it hangs on at the left, the ring close at the right. */
export interface WreathViews {
  whole: WreathView;
  close: WreathView;
}

const HEAD = 62;
const FOOT = 44;
/** The left part's share of the stage. */
const PART = 0.42;
/** As tall as a person is drawn. */
export const PERSON_M = 1.7;
/** Free round the greens for the clock, pixels. */
const DIAL = 34;
/** Free at the left of what it hangs on for its measures, pixels. */
const MEASURES = 96;
/** Casing, and a person beside it, metres. */
const CASED = 0.12;
export const PERSON_AWAY_M = 0.34;
const PERSON_WIDE_M = 0.26;

function view(box: Pick<WreathView, "left" | "top" | "width" | "height">, scale: number, at: { x: number; y: number }) {
  const middle = box.left + box.width / 2;
  return {
    ...box,
    scale,
    x: (metres: number) => middle + (metres - at.x) * scale,
    y: (metres: number) => box.top + box.height / 2 - (metres - at.y) * scale,
  };
}

/** What of the room is seen at the left: the floor where it is near, a person beside it for size. */
export function surroundings({ host }: Drawing): { bottom: number; top: number; half: number } {
  const large = host.height_m > 0.5;
  const bottom = large ? Math.min(0, host.floor_m) : host.floor_m - host.height_m * 0.6;
  const top = large ? Math.max(host.floor_m + host.height_m, PERSON_M) : host.floor_m + host.height_m * 1.4;
  return { bottom, top, half: (host.width_m ?? 0.9) / 2 };
}

export function hasPerson({ host }: Drawing): boolean {
  return host.height_m > 0.5;
}

/** How far greens and star reach from the centre, metres. */
export function reachOf({ ring, samples = [] }: Drawing): number {
  if (!ring) return 0.3;
  return Math.max(ring.outer_m / 2, ...samples.map(({ outward_m }) => ring.radius_m + outward_m));
}

/** @param closer the ring alone fills the stage */
export function projectWreath(stage: StageSize, drawing: Drawing, closer = false): WreathViews {
  const head = headOf(stage, HEAD);
  const ring = drawing.ring;
  // What lies is seen from above; there is nothing it hangs on to be seen beside it.
  const split =
    closer || !ring || drawing.host.host === "lying" ? (ring ? 0 : stage.width) : Math.round(stage.width * PART);
  const left = { left: 0, top: 0, width: split, height: stage.height };
  const right = { left: split, top: 0, width: stage.width - split, height: stage.height };
  const { bottom, top, half } = surroundings(drawing);
  const high = Math.max(stage.height - head - FOOT, 20);
  // Measures stand at the left of it where there is room for them, the person at the right.
  const beside = split > 240 ? MEASURES : 12;
  const person = hasPerson(drawing) ? PERSON_AWAY_M + PERSON_WIDE_M : CASED;
  const wide = 2 * half + CASED + person;
  const wholeScale = Math.max(Math.min(high / (top - bottom), (split - beside - 8) / wide, 900), 1);
  const whole = view(left, wholeScale, {
    x: (person - CASED) / 2 - (beside - 8) / 2 / wholeScale,
    y: (top + bottom) / 2 + (head - FOOT) / 2 / wholeScale,
  });
  const across = 2 * reachOf(drawing);
  const free = Math.min(stage.height, right.width) - 2 * DIAL;
  const closeScale = Math.max(Math.max(free, 20) / across, 1);
  const close = view(right, closeScale, { x: 0, y: ring?.centre_m ?? 1.5 });
  return { whole, close };
}

/** Round the ring: an hour and a distance from the centre, in pixels. */
export function onRing(at: WreathView, centre: number, hour: number, away: number): { x: number; y: number } {
  const angle = (hour / 6) * Math.PI;
  return { x: at.x(away * Math.sin(angle)), y: at.y(centre + away * Math.cos(angle)) };
}
