import type { Schemas } from "../../api/client";
import type { StripAt, WallAt } from "./layStrip";

type Wall = Schemas["WallSeen"];
type Standing = Schemas["Standing"];

/** Of the picture so much is floor, and so much is free over the ceiling's height. */
const FLOOR = 0.09;
/** The pieces stand right of the middle: the left is for words. */
const MIDDLE = 0.64;
const SPAN = 0.62;
/** Beside the outermost piece, metres. */
const BESIDE = 0.5;

const weight = (piece: Standing) => (piece.right_m - piece.left_m) * (piece.top_m - piece.bottom_m);

/** The wall most is to be seen at, its pieces right of the middle, the other walls beside it as far as they are seen. */
export function layPicture(walls: Wall[], standings: Standing[], width: number, height: number): StripAt {
  const pieces = standings.filter(({ piece }) => piece);
  const of = (wall: Wall) => pieces.filter((one) => one.wall === wall.key);
  const heavy = (wall: Wall) => of(wall).reduce((sum, piece) => sum + weight(piece), 0);
  const main = walls.reduce((best, wall) => (heavy(wall) > heavy(best) ? wall : best));
  const here = of(main);
  const from = Math.min(...here.map((one) => one.at_m + one.left_m), main.length_m) - BESIDE;
  const to = Math.max(...here.map((one) => one.at_m + one.right_m), 0) + BESIDE;
  const high = Math.max(main.ceiling_left_m, main.ceiling_right_m, ...here.map((one) => one.top_m));
  const scale = Math.min((height * (1 - FLOOR)) / high, (width * SPAN) / Math.max(to - from, 1));
  const middle = here.length > 0 ? (from + to) / 2 : main.length_m / 2;
  const first = walls.indexOf(main);
  const left = width * MIDDLE - middle * scale;
  const laid: WallAt[] = [{ wall: main, left }];
  // Each wall once: to the right as far as it goes, what is left over to the left.
  const others = [...walls.slice(first + 1), ...walls.slice(0, first)];
  let right = left + main.length_m * scale;
  while (others.length > 0 && right < width) {
    const wall = others.shift();
    if (!wall) break;
    laid.push({ wall, left: right });
    right += wall.length_m * scale;
  }
  let edge = left;
  while (others.length > 0 && edge > 0) {
    const wall = others.pop();
    if (!wall) break;
    edge -= wall.length_m * scale;
    laid.unshift({ wall, left: edge });
  }
  return { walls: laid, scale, width, height, floor: height * (1 - FLOOR) };
}
