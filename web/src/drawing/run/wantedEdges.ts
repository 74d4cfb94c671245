import type { Schemas } from "../../api/client";

type Sample = Schemas["RunSample"];

interface Spot {
  x: number;
  y: number;
}

/** Steps of the arc round an outer corner. */
const ARC = 5;

function turns(a: Sample, b: Sample): boolean {
  return a.out_x * b.out_x + a.out_y * b.out_y < 0.75;
}

/** The straight parts of a way, each with the samples on it. */
function parts(samples: Sample[]): Sample[][] {
  const found: Sample[][] = [];
  samples.forEach((sample, i) => {
    const before = samples[i - 1];
    if (!before || turns(before, sample)) found.push([]);
    found.at(-1)?.push(sample);
  });
  return found;
}

/** How much of the wanted thickness is drawn outwards of the way: as much as what is made reaches there, on the whole. */
export function outwardShare(samples: Sample[]): number {
  const made = samples.reduce((sum, { thickness_m }) => sum + thickness_m, 0);
  const upper = samples.reduce((sum, { upper_m }) => sum + upper_m, 0);
  return made > 0 ? Math.min(Math.max(upper / made, 0.35), 0.65) : 0.5;
}

function spotOf(sample: Sample, side: number, share: number): Spot {
  const off = sample.wanted_m * (side > 0 ? share : share - 1);
  return { x: sample.x_m + sample.out_x * off, y: sample.y_m + sample.out_y * off };
}

/** Whether a spot lies inside what is wanted of another part: no edge is drawn there. */
function inside(spot: Spot, part: Sample[], share: number): boolean {
  return part.some(({ x_m, y_m, out_x, out_y, wanted_m }) => {
    const off = (spot.x - x_m) * out_x + (spot.y - y_m) * out_y;
    const along = (spot.x - x_m) * out_y - (spot.y - y_m) * out_x;
    return off < wanted_m * share - 0.004 && off > wanted_m * (share - 1) + 0.004 && Math.abs(along) < 0.03;
  });
}

/** Round the outside of the corner between two parts, from the edge of one to that of the next. */
function corner(a: Sample, b: Sample, out: number): Spot[] {
  const level = Math.abs(a.out_y) > Math.abs(a.out_x);
  const middle = level ? { x: b.x_m, y: a.y_m } : { x: a.x_m, y: b.y_m };
  const from = Math.atan2(a.out_y, a.out_x);
  let sweep = Math.atan2(b.out_y, b.out_x) - from;
  if (sweep > Math.PI) sweep -= 2 * Math.PI;
  if (sweep < -Math.PI) sweep += 2 * Math.PI;
  return Array.from({ length: ARC }, (_, i) => {
    const share = (i + 0.5) / ARC;
    const off = (a.wanted_m + (b.wanted_m - a.wanted_m) * share) * out;
    return { x: middle.x + Math.cos(from + sweep * share) * off, y: middle.y + Math.sin(from + sweep * share) * off };
  });
}

/** One side of the outline wanted (1 the outer, −1 the inner) as lines that never cross at a corner. */
export function wantedEdges(samples: Sample[], side: number): Spot[][] {
  const all = parts(samples);
  const share = outwardShare(samples);
  const lines = all.map((part, i) =>
    part
      .map((sample) => spotOf(sample, side, share))
      .filter((spot) => all.every((other, k) => k === i || !inside(spot, other, share))),
  );
  if (side < 0) return lines;
  return [
    lines.flatMap((line, i) => {
      const last = all[i]?.at(-1);
      const next = all[i + 1]?.[0];
      return last && next ? [...line, ...corner(last, next, share)] : line;
    }),
  ];
}
