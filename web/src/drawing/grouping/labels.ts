import type { DrawingShades } from "../../theme/tokens";

/** About as wide as a letter of a label, pixels. */
export const LETTER = 6.7;
/** How thick a top is drawn, pixels. */
export const TOP_PX = 9;

/** How words on the drawing look. */
export function label(shades: DrawingShades, strong = false) {
  return { fontSize: 12.5, fill: strong ? shades.strong : shades.label, fontWeight: strong ? 600 : 400 };
}

/** A word that does not fit its stretch is left to the list. */
export function fits(says: string, wide: number): boolean {
  return says.length * LETTER < wide;
}

/** Words over what is drawn keep a rim of the ground about them. */
export function halo(shades: DrawingShades) {
  return { stroke: shades.wallBottom, strokeWidth: 3.5, paintOrder: "stroke" as const };
}
