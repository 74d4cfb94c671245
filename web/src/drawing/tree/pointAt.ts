import type { Schemas } from "../../api/client";
import { radiusAt, turned, type Projection } from "./projection";

type Site = Schemas["OrnamentSite"];

/** How far from its middle an ornament is still pointed at, pixels. */
const NEAR = 14;

/** Where an ornament is painted, and how much it faces us; the same for painting and for pointing. */
export function ornamentAt(tree: Schemas["TreeShape"], site: Site, projection: Projection, turn: number) {
  const { across, facing } = turned(site.angle_deg, turn);
  const reach = radiusAt(tree.silhouette, site.height_m) * (0.35 + 0.65 * site.depth);
  return {
    x: projection.middle + reach * across * projection.scale,
    y: projection.floor - (tree.base_m + site.height_m) * projection.scale,
    facing,
  };
}

/** The ornament under a point of the stage, the nearest to us first. */
export function pointAt(
  drawing: Schemas["TreeDrawing"],
  projection: Projection,
  turn: number,
  point: { x: number; y: number },
): { site: Site; x: number; y: number } | null {
  const { tree } = drawing;
  if (!tree) return null;
  let best: { site: Site; x: number; y: number; away: number } | null = null;
  for (const site of drawing.ornaments ?? []) {
    const { x, y, facing } = ornamentAt(tree, site, projection, turn);
    const away = Math.hypot(point.x - x, point.y - y) - facing * 3;
    if (facing < 0 || away > NEAR) continue;
    if (!best || away < best.away) best = { site, x, y, away };
  }
  return best;
}
