import { shade } from "../shared/shade";

/** A thing of a group as it is drawn from the front. */
export interface Shaped {
  /** Its middle and its foot, pixels. */
  x: number;
  y: number;
  wide: number;
  high: number;
  colour: string;
  dusk: boolean;
  flame?: boolean;
  /** How wide its pot is, where that was measured. */
  pot?: number | null;
}

/** What is lit, and lamplight behind glass. */
export const GLOW = "#f2c879";

/** Snow as it lies. */
export const SNOW = "#f4f6f6";

/** A colour as it is drawn by day and at dusk, lighter or darker by a part. */
export function toned({ colour, dusk }: Pick<Shaped, "colour" | "dusk">, by = 0): string {
  return shade(colour, Math.max(Math.min(by - (dusk ? 0.42 : 0), 1), -1));
}

/** The box it takes up, its corners rounded. */
export function box({ x, y, wide, high }: Shaped, round = 2) {
  return { x: x - wide / 2, y: y - high, width: Math.max(wide, 1), height: Math.max(high, 1), rx: round };
}
