import { headOf, type StageSize } from "../shared/useSize";

/** How metres in the room become pixels on the stage: seen straight from the front, so that every length is true. */
export interface Projection {
  /** Pixels per metre. */
  scale: number;
  /** Where the trunk stands. */
  middle: number;
  floor: number;
  width: number;
  height: number;
}

interface Seen {
  /** The highest thing to be in the picture. */
  high: number;
  /** How much must be seen to each side of the trunk. */
  side: number;
  /** How far the walls are from the trunk. */
  toLeft: number;
  toRight: number;
}

const HEAD = 44;
const FOOT = 58;
/** Beside a wall, and beside the tree for its measures, pixels. */
const MARGIN = 36;
const MEASURES = 150;

/** Fits room and tree into the stage. */
export function project(stage: StageSize, seen: Seen): Projection {
  const byHeight = (stage.height - headOf(stage, HEAD) - FOOT) / seen.high;
  const byWidth = stage.width / 2 / seen.side;
  const scale = Math.max(Math.min(byHeight, byWidth), 10);
  return {
    scale,
    middle: middleOf(stage.width, scale, seen),
    floor: stage.height - FOOT,
    width: stage.width,
    height: stage.height,
  };
}

/** The trunk stands in the middle unless a wall is near: then the room fills the stage and the void beyond it does not. */
function middleOf(width: number, scale: number, { side, toLeft, toRight }: Seen): number {
  const room = (toLeft + toRight) * scale;
  const centred = room < width ? (width - room) / 2 + toLeft * scale : width / 2;
  const byWalls = Math.min(Math.max(centred, width - MARGIN - toRight * scale), MARGIN + toLeft * scale);
  const half = Math.min((side - 0.75) * scale + MEASURES, width / 2);
  return Math.min(Math.max(room < width ? centred : byWalls, half), width - half);
}

export const RADIANS = Math.PI / 180;

/** A point of the tree's surface turned by the viewer: how far to the right it lies, and how much it faces us (1 to −1). */
export function turned(angleDegrees: number, turnDegrees: number): { across: number; facing: number } {
  const angle = (angleDegrees + turnDegrees) * RADIANS;
  return { across: Math.sin(angle), facing: Math.cos(angle) };
}

/** The radius of a silhouette ([radius, height] from the hem up) at a height. */
export function radiusAt(silhouette: number[][], height: number): number {
  const first = silhouette[0];
  const last = silhouette.at(-1);
  if (!first || !last) return 0;
  const [lowRadius = 0, low = 0] = first;
  const [, high = 0] = last;
  if (height <= low) return lowRadius;
  if (height >= high) return 0;
  const at = ((height - low) / (high - low)) * (silhouette.length - 1);
  const i = Math.floor(at);
  const a = silhouette[i]?.[0] ?? 0;
  const b = silhouette[i + 1]?.[0] ?? 0;
  return a + (b - a) * (at - i);
}
