import { drawing } from "../../theme/tokens";
import { ornamentSprite, PATTERNS } from "../shared/paintOrnament";
import { growFoliage, type Row } from "./foliage";
import { foliageTones, paintHeart, paintRow } from "./paintFoliage";
import type { Projection } from "./projection";

/** Something that hangs, where it is seen from the front. Metres. */
export interface Hung {
  across_m: number;
  up_m: number;
  angle_deg: number;
  diameter_m: number;
  colour: string;
  /** Which pattern it bears. */
  pattern: number;
}

/** Farther round than this it is not seen from the front. */
const BEHIND = 95;

let grown: { of: string; rows: Row[] } | null = null;

function rowsOf(silhouette: number[][]): Row[] {
  const of = JSON.stringify(silhouette);
  if (grown?.of !== of) grown = { of, rows: growFoliage(silhouette) };
  return grown.rows;
}

/** A tree from its silhouette alone ([radius, height] from the hem up), with what hangs on it by now. */
export function paintDimTree(
  context: CanvasRenderingContext2D,
  {
    silhouette,
    base,
    projection,
    dusk,
    hung,
    pixels,
  }: {
    silhouette: number[][];
    /** How high it stands, metres. */
    base: number;
    projection: Projection;
    dusk: boolean;
    hung: Hung[];
    pixels: number;
  },
) {
  const shades = drawing[dusk ? "dusk" : "day"];
  const [red, green, blue] = shades.needle;
  const brush = {
    context,
    projection,
    base,
    turn: 0,
    tones: foliageTones(shades),
    needle: `rgb(${red} ${green} ${blue} / 0.5)`,
  };
  const { scale, middle, floor } = projection;
  const hem = silhouette[0]?.[1] ?? 0;
  context.fillStyle = shades.trunk;
  context.fillRect(middle - 0.04 * scale, floor - (base + hem + 0.2) * scale, 0.08 * scale, (hem + 0.2) * scale);
  paintHeart(silhouette, brush, shades);
  rowsOf(silhouette).forEach((row) => paintRow(row, brush));
  for (const one of hung) {
    if (Math.abs(one.angle_deg) > BEHIND) continue;
    const radius = Math.max((one.diameter_m / 2) * scale, 3);
    const style = { colour: one.colour, diameter: radius * 2, pattern: one.pattern % PATTERNS.length };
    const sprite = ornamentSprite(style, radius, dusk, pixels);
    const wide = sprite.width / pixels;
    context.drawImage(
      sprite,
      middle + one.across_m * scale - wide / 2,
      floor - one.up_m * scale - wide / 2,
      wide,
      wide,
    );
  }
}
