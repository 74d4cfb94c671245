import type { Sheet } from "./thumbnail";

/** How dark things are at dusk. */
export const dim = ({ dusk }: Sheet, by: number) => (dusk ? by - 0.35 : by);

/** A closed way through points, in shares of the sheet. */
export function outline({ context, size }: Sheet, points: readonly (readonly [number, number])[]) {
  context.beginPath();
  points.forEach(([x, y], i) => (i === 0 ? context.moveTo(x * size, y * size) : context.lineTo(x * size, y * size)));
  context.closePath();
}

export function round({ context, size }: Sheet, x: number, y: number, wide: number, high: number) {
  context.beginPath();
  context.ellipse(x * size, y * size, wide * size, high * size, 0, 0, Math.PI * 2);
}
