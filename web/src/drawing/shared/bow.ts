import { shade } from "./shade";

/** A loop seen from the front, lying along x: out, round and back to the pinch, a little of its inside in shade. */
export function lobe(context: CanvasRenderingContext2D, long: number, wide: number, colour: string, dusk: boolean) {
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
