import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";
import type { Projection } from "./projection";

type Drawing = Required<Schemas["TreeDrawing"]>;

/** Riser, trunk and what hides the foot. */
export function paintFoot(
  context: CanvasRenderingContext2D,
  projection: Projection,
  { tree, foot }: Drawing,
  shades: DrawingShades,
) {
  const { scale, middle, floor } = projection;
  const stand = floor - tree.base_m * scale;
  const hem = tree.hem_m * scale;
  if (tree.base_m > 0)
    box(context, { x: middle, y: floor, wide: tree.spread_m * 0.42 * scale, tall: tree.base_m * scale }, shades);
  context.fillStyle = shades.trunk;
  context.fillRect(
    middle - 0.035 * scale,
    stand - hem - tree.height_m * 0.3 * scale,
    0.07 * scale,
    hem + tree.height_m * 0.3 * scale,
  );
  const half = (foot.diameter_m / 2) * scale;
  switch (foot.kind) {
    case "collar":
      collar(
        context,
        { x: middle, y: stand, wide: tree.spread_m * 0.27 * scale, tall: Math.max(hem * 1.05, 0.16 * scale) },
        shades,
      );
      break;
    case "skirt":
      cloth(context, { x: middle, y: stand, half, tall: hem * 0.55 }, shades.foliageLight, 9);
      break;
    case "blanket":
      cloth(context, { x: middle, y: stand, half: half * 1.08, tall: hem * 0.7 }, [226, 228, 224], 5);
      break;
    default:
      legs(context, middle, stand, tree.spread_m * 0.2 * scale, shades);
  }
}

/** Presents beside the foot, in front of whatever hides it. */
export function paintPresents(
  context: CanvasRenderingContext2D,
  projection: Projection,
  { tree, foot }: Drawing,
  shades: DrawingShades,
) {
  if (!foot.presents) return;
  const { scale, middle, floor } = projection;
  const parcels = [
    [-0.34, 0.2, 0.13],
    [-0.17, 0.15, 0.19],
    [0.2, 0.24, 0.12],
    [0.38, 0.14, 0.16],
  ] as const;
  for (const [at, wide, tall] of parcels) {
    const x = middle + at * tree.spread_m * scale;
    box(context, { x, y: floor, wide: wide * scale, tall: tall * scale }, shades);
    context.fillStyle = shades.mark;
    context.fillRect(x - 0.012 * scale, floor - tall * scale, 0.024 * scale, tall * scale);
  }
}

interface Shape {
  x: number;
  y: number;
  wide: number;
  tall: number;
}

function box(context: CanvasRenderingContext2D, { x, y, wide, tall }: Shape, shades: DrawingShades) {
  context.fillStyle = shades.stand;
  context.fillRect(x - wide / 2, y - tall, wide, tall);
  context.strokeStyle = shades.standLine;
  context.lineWidth = 1;
  context.strokeRect(x - wide / 2, y - tall, wide, tall);
  context.beginPath();
  for (let at = tall / 4; at < tall - 1; at += tall / 4) {
    context.moveTo(x - wide / 2, y - at);
    context.lineTo(x + wide / 2, y - at);
  }
  context.stroke();
}

/** A woven basket round the stand. */
function collar(context: CanvasRenderingContext2D, { x, y, wide, tall }: Shape, shades: DrawingShades) {
  context.beginPath();
  context.moveTo(x - wide * 0.78, y);
  context.lineTo(x - wide, y - tall);
  context.lineTo(x + wide, y - tall);
  context.lineTo(x + wide * 0.78, y);
  context.closePath();
  context.fillStyle = shades.stand;
  context.fill();
  context.save();
  context.clip();
  context.strokeStyle = shades.standLine;
  context.lineWidth = 1;
  context.beginPath();
  for (let row = 1; row < 6; row += 1) {
    context.moveTo(x - wide, y - (tall * row) / 6);
    context.lineTo(x + wide, y - (tall * row) / 6);
  }
  context.stroke();
  context.restore();
}

/** A cloth lying round the foot in folds. */
function cloth(
  context: CanvasRenderingContext2D,
  { x, y, half, tall }: { x: number; y: number; half: number; tall: number },
  colour: readonly number[],
  folds: number,
) {
  context.beginPath();
  context.moveTo(x - half, y);
  context.quadraticCurveTo(x - half * 0.3, y - tall * 1.1, x, y - tall);
  context.quadraticCurveTo(x + half * 0.3, y - tall * 1.1, x + half, y);
  context.closePath();
  context.fillStyle = `rgb(${colour.join(" ")})`;
  context.fill();
  context.strokeStyle = "rgb(0 0 0 / 0.18)";
  context.lineWidth = 1;
  context.beginPath();
  for (let i = 1; i < folds; i += 1) {
    const at = (i / folds) * 2 - 1;
    context.moveTo(x + at * half * 0.18, y - tall * 0.9);
    context.lineTo(x + at * half * 0.94, y - 1);
  }
  context.stroke();
}

function legs(context: CanvasRenderingContext2D, x: number, y: number, reach: number, shades: DrawingShades) {
  context.strokeStyle = shades.standLine;
  context.lineWidth = 3;
  context.beginPath();
  for (const side of [-1, -0.35, 0.35, 1]) {
    context.moveTo(x, y - reach * 0.5);
    context.lineTo(x + side * reach, y);
  }
  context.stroke();
}
