import type { Schemas } from "../../api/client";
import { chance } from "../shared/chance";
import type { RunProjection } from "./runProjection";
import type { Sprig } from "../shared/sprigs";

type Drawing = Schemas["RunDrawing"];
type Sample = Schemas["RunSample"];

/** Sprigs of a body for each square metre of its outline. */
const THICK = 640;
const PLAIN = { colour: "#2f5d4b", texture: "needle" };

interface Placed {
  x: number;
  y: number;
  outX: number;
  outY: number;
  sample: Sample;
}

/** The place a share of the way between two samples. */
function between(a: Sample, b: Sample, part: number): Placed {
  const mix = (from: number, to: number) => from + (to - from) * part;
  return {
    x: mix(a.x_m, b.x_m),
    y: mix(a.y_m, b.y_m),
    outX: mix(a.out_x, b.out_x),
    outY: mix(a.out_y, b.out_y),
    sample: part < 0.5 ? a : b,
  };
}

interface Green {
  colour: string;
  texture: string;
}

function greenOf(drawing: Drawing, id: string | null): Green {
  const told = drawing.styles?.[id ?? "plain"];
  return { colour: told?.colour ?? PLAIN.colour, texture: told?.texture ?? PLAIN.texture };
}

/** Short stems strewn over the thickness of the bodies, the outer ones behind; the same for the same layers. */
export function strewBodies(drawing: Drawing, bodies: string[], projection: RunProjection, dusk: boolean): Sprig[] {
  const samples = drawing.samples ?? [];
  const random = chance(7_919);
  const greens = (bodies.length > 0 ? bodies : [null]).map((id) => greenOf(drawing, id));
  const found: { sprig: Sprig; depth: number }[] = [];
  for (let i = 0; i < samples.length - 1; i += 1) {
    const a = samples[i];
    const b = samples[i + 1];
    if (!a || !b) continue;
    const long = b.at_m - a.at_m;
    const count = Math.round(((a.body_m + b.body_m) / 2) * long * THICK);
    for (let k = 0; k < count; k += 1) {
      const at = between(a, b, random());
      const half = at.sample.body_m / 2;
      const off = (random() + random() - 1) * 0.86;
      const green = greens[Math.floor(random() * greens.length)] ?? greens[0];
      if (!green) continue;
      const along = Math.atan2(at.outX, at.outY);
      const forward = random() < 0.5 ? 0 : Math.PI;
      // Near the edge tips point outwards, in the middle along the garland.
      const lean = off * 1.25 * (forward === 0 ? -1 : 1) + (random() - 0.5) * 0.7;
      const size = Math.min(0.055 + half * 0.6, 0.16) * (0.7 + random() * 0.6);
      found.push({
        depth: Math.abs(off) + random() * 0.25,
        sprig: {
          x: projection.x(at.x + at.outX * off * half * 0.66),
          y: projection.y(at.y + at.outY * off * half * 0.66),
          angle: along + forward + lean,
          long: size * projection.scale,
          colour: green.colour,
          texture: green.texture,
          tone: Math.max(Math.min(0.12 + off * 0.8 + (random() - 0.5) * 1.3, 1), -1),
          dusk,
        },
      });
    }
  }
  return found.sort((one, other) => other.depth - one.depth).map(({ sprig }) => sprig);
}

/** Each stem as a few of its sprigs: standing up as far as it rises, hanging as far as it trails. */
export function strewStems(drawing: Drawing, projection: RunProjection, dusk: boolean): Sprig[] {
  const random = chance(104_729);
  return (drawing.stems ?? []).flatMap((stem) => {
    const green = greenOf(drawing, stem.style);
    const out = Math.atan2(-stem.out_y, stem.out_x);
    const fan = (reach: number, direction: number, pieces: number): Sprig[] =>
      Array.from({ length: pieces }, (_, i) => {
        const share = pieces === 1 ? 0 : i / (pieces - 1) - 0.5;
        const lean = share * Math.min((stem.spread_m / Math.max(reach, 0.05)) * 0.9, 1.5);
        return {
          x: projection.x(stem.x_m + (random() - 0.5) * 0.02),
          y: projection.y(stem.y_m),
          angle: direction + lean + (random() - 0.5) * 0.08,
          // The middle one reaches as far as is told, those beside it less.
          long: reach * projection.scale * (1 - Math.abs(share) * 0.55),
          colour: green.colour,
          texture: green.texture,
          tone: 0.15 + (random() - 0.5) * 0.8,
          dusk,
        };
      });
    const up = stem.rise_m > 0.04 ? fan(stem.rise_m, out, 3) : [];
    const down = stem.trail_m > 0.04 ? fan(stem.trail_m, out + Math.PI, 3) : [];
    return [...down, ...up];
  });
}
