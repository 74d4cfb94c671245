import { shade } from "../shared/shade";
import { radiusAt, turned, type Projection } from "./projection";

interface Brush {
  context: CanvasRenderingContext2D;
  projection: Projection;
  turn: number;
  base: number;
  silhouette: number[][];
  dusk: boolean;
}

/** A bead of a garland is so large, metres, and its neighbours so far apart. */
const BEAD = 0.011;
const APART = 0.024;

/** The beads between two points of a garland, where they face us. */
export function paintBeads(from: number[], to: number[], colour: string, brush: Brush) {
  const [h0 = 0, a0 = 0] = from;
  const [h1 = 0, a1 = 0] = to;
  // A jump over the back is the next turn, not a piece of this one.
  if (Math.abs(a1 - a0) > 60) return;
  const { context, projection, base, silhouette, turn, dusk } = brush;
  const { scale, middle, floor } = projection;
  const spot = (share: number) => {
    const height = h0 + (h1 - h0) * share;
    const { across, facing } = turned(a0 + (a1 - a0) * share, turn);
    return {
      x: middle + radiusAt(silhouette, height) * 1.01 * across * scale,
      y: floor - (base + height) * scale,
      facing,
    };
  };
  const [start, end] = [spot(0), spot(1)];
  const long = Math.hypot(end.x - start.x, end.y - start.y);
  const count = Math.max(Math.round(long / (APART * scale)), 1);
  const size = Math.max(BEAD * scale, 1.1);
  const beads = new Path2D();
  const lights = new Path2D();
  for (let i = 0; i < count; i += 1) {
    const { x, y, facing } = spot(i / count);
    if (facing < 0) continue;
    beads.moveTo(x + size, y);
    beads.arc(x, y, size, 0, Math.PI * 2);
    lights.moveTo(x - size * 0.1, y - size * 0.35);
    lights.arc(x - size * 0.3, y - size * 0.35, size * 0.3, 0, Math.PI * 2);
  }
  context.fillStyle = shade(colour, dusk ? -0.3 : -0.04);
  context.fill(beads);
  context.strokeStyle = shade(colour, dusk ? -0.6 : -0.4);
  context.lineWidth = 0.5;
  context.stroke(beads);
  context.fillStyle = shade(colour, dusk ? 0.1 : 0.5);
  context.fill(lights);
}
