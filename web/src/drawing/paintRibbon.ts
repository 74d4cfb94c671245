import type { Schemas } from "../api/client";
import { radiusAt, turned, type Projection } from "./projection";
import { shade } from "./shade";

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

/** A loop seen from the front, lying along x: out, round and back to the pinch, a little of its inside in shade. */
function lobe(context: CanvasRenderingContext2D, long: number, wide: number, colour: string, dusk: boolean) {
  context.beginPath();
  context.moveTo(0, 0);
  context.bezierCurveTo(long * 0.25, -wide * 0.75, long * 0.95, -wide * 0.7, long, -wide * 0.04);
  context.bezierCurveTo(long * 1.02, wide * 0.5, long * 0.35, wide * 0.42, 0, 0);
  context.fillStyle = shade(colour, dusk ? -0.3 : 0.05);
  context.fill();
  context.stroke();
  context.beginPath();
  context.moveTo(long * 0.42, -wide * 0.1);
  context.bezierCurveTo(long * 0.62, -wide * 0.42, long * 0.9, -wide * 0.34, long * 0.93, -wide * 0.03);
  context.bezierCurveTo(long * 0.8, -wide * 0.14, long * 0.6, -wide * 0.06, long * 0.42, -wide * 0.1);
  context.fillStyle = shade(colour, dusk ? -0.6 : -0.4);
  context.fill();
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

/** The bow at the tip, with its tails down the front. */
export function paintBow(
  context: CanvasRenderingContext2D,
  at: { x: number; y: number },
  size: { loop: number; tail: number },
  colour: string,
  dusk: boolean,
) {
  context.save();
  context.translate(at.x, at.y);
  context.strokeStyle = shade(colour, dusk ? -0.6 : -0.38);
  context.lineWidth = Math.max(0.8, size.loop * 0.03);
  for (const side of [-1, 1]) {
    context.save();
    context.scale(side, 1);
    context.beginPath();
    context.moveTo(0, size.loop * 0.1);
    context.bezierCurveTo(
      size.loop * 0.22,
      size.tail * 0.35,
      size.loop * 0.12,
      size.tail * 0.6,
      size.loop * 0.32,
      size.tail,
    );
    context.lineTo(size.loop * 0.5, size.tail * 0.93);
    context.lineTo(size.loop * 0.58, size.tail * 0.99);
    context.bezierCurveTo(size.loop * 0.4, size.tail * 0.6, size.loop * 0.55, size.tail * 0.35, size.loop * 0.16, 0);
    context.closePath();
    context.fillStyle = shade(colour, dusk ? -0.42 : -0.14);
    context.fill();
    context.stroke();
    for (const [angle, share] of [
      [-0.75, 0.72],
      [-0.05, 1],
    ] as const) {
      context.save();
      context.rotate(angle);
      lobe(context, size.loop * share, size.loop * 0.78 * share, colour, dusk);
      context.restore();
    }
    context.restore();
  }
  context.beginPath();
  context.ellipse(0, 0, size.loop * 0.16, size.loop * 0.2, 0, 0, Math.PI * 2);
  context.fillStyle = shade(colour, dusk ? -0.5 : -0.25);
  context.fill();
  context.stroke();
  context.restore();
}

/** A star of eight points. */
export function paintStar(
  context: CanvasRenderingContext2D,
  at: { x: number; y: number },
  radius: number,
  dusk: boolean,
) {
  context.save();
  context.translate(at.x, at.y);
  context.beginPath();
  for (let i = 0; i < 16; i += 1) {
    const reach = i % 2 === 0 ? (i % 4 === 0 ? radius : radius * 0.62) : radius * 0.26;
    const angle = (i * Math.PI) / 8 - Math.PI / 2;
    context.lineTo(reach * Math.cos(angle), reach * Math.sin(angle));
  }
  context.closePath();
  context.fillStyle = dusk ? "#f6d68a" : "#d9b25a";
  context.fill();
  context.strokeStyle = dusk ? "#8f6a25" : "#8f6a25";
  context.lineWidth = 1;
  context.stroke();
  context.restore();
}
