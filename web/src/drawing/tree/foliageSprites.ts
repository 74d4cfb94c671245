import { inSlices } from "../shared/inSlices";
import type { Row } from "./foliage";

/** A row of foliage as it looks from one side, painted once: its picture and where it goes. */
export interface RowSprite {
  image: HTMLCanvasElement;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The foliage of a tree from one side at one size; good as long as `key` says the same. */
export interface FoliageSprites {
  key: string;
  rows: RowSprite[];
}

interface Setting {
  scale: number;
  middle: number;
  floor: number;
  base: number;
  pixels: number;
}

const MARGIN = 6;

function room(row: Row, { scale, middle, floor, base }: Setting) {
  let wide = 0;
  let low = Infinity;
  let high = -Infinity;
  for (const frond of row.fronds) {
    wide = Math.max(wide, frond.rootRadius, frond.tipRadius);
    low = Math.min(low, frond.rootHeight, frond.tipHeight - 0.05);
    high = Math.max(high, frond.rootHeight, frond.tipHeight + 0.02);
  }
  const side = wide * scale + 0.06 * scale + MARGIN;
  const top = floor - (base + high + 0.06) * scale - MARGIN;
  return { x: middle - side, y: top, width: 2 * side, height: floor - (base + low - 0.06) * scale + MARGIN - top };
}

function painted(row: Row, setting: Setting, paint: (row: Row, context: CanvasRenderingContext2D) => void): RowSprite {
  const place = room(row, setting);
  const image = document.createElement("canvas");
  image.width = Math.max(Math.ceil(place.width * setting.pixels), 1);
  image.height = Math.max(Math.ceil(place.height * setting.pixels), 1);
  const context = image.getContext("2d");
  if (context) {
    context.setTransform(setting.pixels, 0, 0, setting.pixels, -place.x * setting.pixels, -place.y * setting.pixels);
    paint(row, context);
  }
  return { image, ...place };
}

/**
 * Paints the rows one after the other in short slices, so that a dial or a key is never kept waiting.
 *
 *   const stop = growSprites(key, rows, setting, paint, (sprites) => show(sprites));
 */
export function growSprites(
  key: string,
  rows: Row[],
  setting: Setting,
  paint: (row: Row, context: CanvasRenderingContext2D) => void,
  ready: (sprites: FoliageSprites) => void,
): () => void {
  const done: RowSprite[] = [];
  function* eachRow() {
    for (const row of rows) {
      done.push(painted(row, setting, paint));
      yield;
    }
  }
  return inSlices(eachRow(), () => ready({ key, rows: done }), "later");
}
