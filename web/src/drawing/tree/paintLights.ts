import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";
import type { TreeScene } from "./paintTree";
import { glowSprite } from "../shared/glow";
import { radiusAt, turned, type Projection } from "./projection";

interface Brush {
  context: CanvasRenderingContext2D;
  projection: Projection;
  turn: number;
}

/** Every bulb that faces us, where it hangs; at dusk with its halo. */
export function paintBulbs(scene: TreeScene, { context, projection, turn }: Brush, shades: DrawingShades) {
  const { tree, bulbs } = scene.drawing;
  const { scale, middle, floor } = projection;
  const halo = glowSprite();
  // With many bulbs each halo is smaller, so that a blaze does not wash the tree out.
  const size = scale * Math.min(0.1, 2.2 / Math.sqrt(bulbs.points.length + 1));
  const dot = Math.max(scale * (scene.dusk ? 0.007 : 0.0048), 0.6);
  const points = new Path2D();
  context.save();
  if (scene.dusk) context.globalCompositeOperation = "lighter";
  bulbs.points.forEach(([height = 0, angle = 0], i) => {
    // A string never hangs quite regularly; without this the turns would line up into columns.
    const { across, facing } = turned(angle + (((i * 0.382) % 1) - 0.5) * 9, turn);
    if (facing < 0.02) return;
    // Some hang further in than others; each bulb always the same.
    const depth = bulbs.deep ? 0.35 + 0.6 * ((i * 0.618) % 1) : 0.8 + 0.17 * ((i * 0.618) % 1);
    const x = middle + radiusAt(tree.silhouette, height) * depth * across * scale;
    const y = floor - (tree.base_m + height) * scale;
    if (scene.dusk) {
      // Towards the edge bulbs crowd in the picture; each counts for less there.
      context.globalAlpha = 0.14 + 0.5 * facing * facing;
      context.drawImage(halo, x - size, y - size, size * 2, size * 2);
    }
    points.moveTo(x + dot, y);
    points.arc(x, y, dot, 0, Math.PI * 2);
  });
  context.restore();
  context.fillStyle = shades.bulb;
  context.fill(points);
}

/** Round bulbs, larger and sparser, at the tips of the branches. */
export function paintGlobes(scene: TreeScene, { context, projection, turn }: Brush, shades: DrawingShades) {
  const { tree, bulbs } = scene.drawing;
  const { scale, middle, floor } = projection;
  const halo = glowSprite();
  const radius = Math.max(scale * 0.016, 2);
  for (const [height = 0, angle = 0] of bulbs.globes) {
    const { across, facing } = turned(angle, turn);
    if (facing < 0) continue;
    const x = middle + radiusAt(tree.silhouette, height) * 0.97 * across * scale;
    const y = floor - (tree.base_m + height) * scale;
    if (scene.dusk) {
      context.save();
      context.globalCompositeOperation = "lighter";
      context.globalAlpha = 0.3 + 0.5 * facing;
      context.drawImage(halo, x - radius * 5, y - radius * 5, radius * 10, radius * 10);
      context.restore();
    }
    context.beginPath();
    context.arc(x, y, radius, 0, Math.PI * 2);
    context.fillStyle = bulbs.globe_colour ?? shades.bulb;
    context.fill();
  }
}

/** The light a lit tree throws on the wall behind it. */
export function paintGlow(
  context: CanvasRenderingContext2D,
  { scale, middle, floor }: Projection,
  tree: Schemas["TreeShape"],
) {
  const y = floor - (tree.base_m + tree.height_m * 0.42) * scale;
  const reach = tree.height_m * 0.85 * scale;
  const light = context.createRadialGradient(middle, y, 0, middle, y, reach);
  light.addColorStop(0, "rgb(240 190 110 / 0.20)");
  light.addColorStop(0.6, "rgb(240 190 110 / 0.07)");
  light.addColorStop(1, "rgb(240 190 110 / 0)");
  context.fillStyle = light;
  context.fillRect(middle - reach, y - reach, reach * 2, Math.min(reach * 2, floor - y + reach));
}
