import type { Schemas } from "../../api/client";
import { radiusAt, turned, type Projection } from "./projection";
import { lobe } from "../shared/bow";
import { shade } from "../shared/shade";

type Ribbon = Schemas["RibbonDrawing"];

export interface RibbonBrush {
  context: CanvasRenderingContext2D;
  projection: Projection;
  base: number;
  turn: number;
  silhouette: number[][];
  dusk: boolean;
}

/** One tucked piece or bow: as many lobes as it has loops, standing off the foliage by its stand. */
export function paintLoops(ribbon: Ribbon, site: number[], colour: string, brush: RibbonBrush) {
  const [height = 0, angle = 0] = site;
  const { across, facing } = turned(angle, brush.turn);
  if (facing < -0.1) return;
  const { context, projection, base, silhouette, dusk } = brush;
  const { scale, middle, floor } = projection;
  const stand = ribbon.stand_m ?? 0;
  const chord = (ribbon.chord_m ?? 0.1) * scale;
  const x = middle + (radiusAt(silhouette, height) * 0.98 + stand * 0.5) * across * scale;
  const y = floor - (base + height) * scale;
  const lobes = ribbon.per_piece ?? 2;
  const flat = 0.5 + 0.5 * Math.max(facing, 0);
  context.save();
  context.translate(x, y);
  context.scale(flat, 1);
  context.rotate((angle % 17) * 0.03);
  context.strokeStyle = shade(colour, dusk ? -0.6 : -0.38);
  context.lineWidth = Math.max(0.7, scale * 0.004);
  const long = (stand * 0.6 + (ribbon.chord_m ?? 0.1) * 0.5) * scale;
  for (let i = 0; i < lobes; i += 1) {
    // Loops lie to both sides of the tuck in turn, the later ones higher.
    const up = Math.floor(i / 2) * 0.7 + 0.12;
    context.save();
    context.scale(i % 2 === 0 ? 1 : -1, 1);
    context.rotate(-up);
    lobe(context, long, chord * 0.62, colour, dusk);
    context.restore();
  }
  context.restore();
}

/** The piece of a run between two of its points, when it faces us. */
export function paintSegment(from: number[], to: number[], colour: string, wide: number, brush: RibbonBrush) {
  const [h0 = 0, a0 = 0] = from;
  const [h1 = 0, a1 = 0] = to;
  // A jump over the back is the next turn, not a piece of this one.
  if (Math.abs(a1 - a0) > 60) return;
  const start = turned(a0, brush.turn);
  const end = turned(a1, brush.turn);
  if (start.facing < 0 || end.facing < 0) return;
  const { context, projection, base, silhouette, dusk } = brush;
  const { scale, middle, floor } = projection;
  const x0 = middle + radiusAt(silhouette, h0) * 1.01 * start.across * scale;
  const x1 = middle + radiusAt(silhouette, h1) * 1.01 * end.across * scale;
  // A round cap on the edge would show as a knot at every joint.
  for (const [width, by, cap] of [
    [wide * scale, dusk ? -0.6 : -0.36, "butt"],
    [wide * scale * 0.78, dusk ? -0.3 : 0.04 + 0.12 * start.facing, "round"],
  ] as const) {
    context.lineCap = cap;
    context.beginPath();
    context.moveTo(x0, floor - (base + h0) * scale);
    context.lineTo(x1, floor - (base + h1) * scale);
    context.strokeStyle = shade(colour, by);
    context.lineWidth = Math.max(width, 1.2);
    context.stroke();
  }
}
