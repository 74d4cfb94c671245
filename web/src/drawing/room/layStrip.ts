import type { Schemas } from "../../api/client";

type Wall = Schemas["WallSeen"];
/** Where one wall is in the picture. */
export interface WallAt {
  wall: Wall;
  /** Of its left corner, pixels. */
  left: number;
}

export interface StripAt {
  walls: WallAt[];
  scale: number;
  width: number;
  height: number;
  floor: number;
}

const HEAD = 12;
const FOOT = 24;

/** Walls side by side at one scale on one floor. */
export function layStrip(walls: Wall[], width: number, height: number): StripAt {
  const long = walls.reduce((sum, wall) => sum + wall.length_m, 0);
  const high = Math.max(...walls.flatMap((wall) => [wall.ceiling_left_m, wall.ceiling_right_m]));
  const scale = Math.max(Math.min((width - 32) / long, (height - HEAD - FOOT) / high), 8);
  let left = (width - long * scale) / 2;
  const laid = walls.map((wall) => {
    const at = { wall, left };
    left += wall.length_m * scale;
    return at;
  });
  return { walls: laid, scale, width, height, floor: height - FOOT };
}
