import { chance } from "../shared/chance";
import { radiusAt } from "./projection";

/** One spray of needles, in the tree's own coordinates: from a root inside to a tip at the silhouette. */
export interface Frond {
  sin: number;
  cos: number;
  rootRadius: number;
  rootHeight: number;
  tipRadius: number;
  tipHeight: number;
  width: number;
  /** −1 to 1, adds to the tone. */
  tone: number;
}

export interface Row {
  /** Height of the tips. */
  height: number;
  fronds: Frond[];
}

const SEED = 20261224;

/**
 * The foliage of a tree: rows from the hem up, each a fan of overlapping fronds whose tips lie on the silhouette.
 * The same silhouette always grows the same foliage.
 */
export function growFoliage(silhouette: number[][]): Row[] {
  const hem = silhouette[0]?.[1] ?? 0;
  const widest = silhouette[0]?.[0] ?? 0;
  const tip = silhouette.at(-1)?.[1] ?? 0;
  const tall = tip - hem;
  const next = chance(SEED);
  const count = Math.round(Math.min(Math.max(tall / 0.078, 12), 38));
  return Array.from({ length: count }, (_, i) => {
    const up = i / (count - 1);
    const height = hem + tall * (up * 0.985);
    return { height, fronds: fan(height, up, { silhouette, widest, tall, next }) };
  });
}

interface Growth {
  silhouette: number[][];
  widest: number;
  tall: number;
  next: () => number;
}

function fan(height: number, up: number, growth: Growth): Frond[] {
  const { silhouette, widest, tall, next } = growth;
  const radius = radiusAt(silhouette, height);
  const long = Math.min(0.17 + 0.26 * (radius / widest), 0.42 * tall) * Math.min(widest / 0.5, 1.15);
  const count = Math.max(6, Math.round((2 * Math.PI * radius) / 0.078));
  const start = next() * Math.PI * 2;
  // Low branches hang, high ones rise.
  const droop = 0.62 - 1.15 * up ** 1.4;
  return Array.from({ length: count }, (_, i) => {
    const angle = start + ((i + 0.7 * (next() - 0.5)) / count) * Math.PI * 2;
    const reach = long * (0.8 + 0.4 * next());
    const lean = droop + 0.3 * (next() - 0.5);
    const tipRadius = radius * (0.94 + 0.08 * next());
    return {
      sin: Math.sin(angle),
      cos: Math.cos(angle),
      rootRadius: Math.max(tipRadius - reach * Math.cos(lean), 0),
      rootHeight: height + reach * Math.sin(lean),
      tipRadius,
      tipHeight: height - 0.02 * next(),
      width: 0.032 + 0.03 * (radius / widest) + 0.01 * next(),
      tone: next() * 2 - 1,
    };
  });
}
