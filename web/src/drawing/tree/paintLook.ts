import type { Schemas } from "../../api/client";
import { radiusAt, turned, type Projection } from "./projection";

type Drawing = Required<Schemas["TreeDrawing"]>;

interface Brush {
  context: CanvasRenderingContext2D;
  projection: Projection;
  turn: number;
}

/** Below this emptiness nothing is shown: it is how an even tree looks. */
const EVEN = 0.5;

/** How empty the tree is, as a warmth over its surface, and a ring with a number at every spot that was found. */
export function paintLook(
  { tree }: Drawing,
  look: Schemas["StepBack"],
  { context, projection, turn }: Brush,
  shades: { heat: string; ring: string; ringText: string },
) {
  const { scale, middle, floor } = projection;
  const at = (height: number, angle: number) => {
    const { across, facing } = turned(angle, turn);
    const reach = radiusAt(tree.silhouette, height);
    return { x: middle + reach * across * scale, y: floor - (tree.base_m + height) * scale, facing };
  };
  const size = (tree.height_m / 14) * 0.62 * scale;
  context.save();
  for (const spot of look.heat) {
    const { x, y, facing } = at(spot.height_m, spot.angle_deg);
    if (facing < 0.05 || spot.empty < EVEN) continue;
    context.globalAlpha = Math.min((spot.empty - EVEN) / (1 - EVEN), 1) * 0.75;
    context.fillStyle = shades.heat;
    context.beginPath();
    context.ellipse(x, y, size * Math.max(facing, 0.25), size, 0, 0, Math.PI * 2);
    context.fill();
  }
  context.globalAlpha = 1;
  look.findings.forEach((finding, i) => {
    const spot = finding.spots[0];
    if (!spot || finding.spots.length > 1) return;
    const { x, y, facing } = at(spot.height_m, spot.angle_deg);
    if (facing < 0) return;
    const radius = Math.max(spot.radius_m * scale, 9);
    context.strokeStyle = shades.ring;
    context.lineWidth = 2;
    context.setLineDash([5, 4]);
    context.beginPath();
    context.ellipse(x, y, radius * Math.max(facing, 0.3), radius, 0, 0, Math.PI * 2);
    context.stroke();
    context.setLineDash([]);
    context.fillStyle = shades.ring;
    context.beginPath();
    context.arc(x, y, 9, 0, Math.PI * 2);
    context.fill();
    context.fillStyle = shades.ringText;
    context.font = "700 11px 'Hanken Grotesk Variable', sans-serif";
    context.textAlign = "center";
    context.textBaseline = "middle";
    context.fillText(String(i + 1), x, y + 0.5);
  });
  context.restore();
}
