import type { DrawingShades } from "../../theme/tokens";
import type { Row } from "./foliage";
import { RADIANS, type Projection } from "./projection";

const TONES = 7;

type Rgb = readonly number[];

function mix(a: Rgb, b: Rgb, share: number): string {
  const part = (i: number) => Math.round((a[i] ?? 0) + ((b[i] ?? 0) - (a[i] ?? 0)) * share);
  return `rgb(${part(0)} ${part(1)} ${part(2)})`;
}

/** The tones from turned away to facing us. */
export function foliageTones(shades: DrawingShades): string[] {
  return Array.from({ length: TONES }, (_, i) => {
    const at = i / (TONES - 1);
    return at < 0.55
      ? mix(shades.foliageDark, shades.foliage, at / 0.55)
      : mix(shades.foliage, shades.foliageLight, ((at - 0.55) / 0.45) * 0.62);
  });
}

interface Brush {
  context: CanvasRenderingContext2D;
  projection: Projection;
  base: number;
  turn: number;
  tones: string[];
  needle: string;
}

/** The dark inside of the tree, seen wherever fronds leave a gap. */
export function paintHeart(silhouette: number[][], { context, projection, base }: Brush, shades: DrawingShades) {
  const { scale, middle, floor } = projection;
  context.beginPath();
  for (const side of [1, -1]) {
    const points = side === 1 ? silhouette : [...silhouette].reverse();
    for (const [radius = 0, height = 0] of points)
      context.lineTo(middle + side * radius * 0.68 * scale, floor - (base + height + 0.03) * scale);
  }
  context.closePath();
  context.fillStyle = mix(shades.foliageDark, shades.foliage, 0.08);
  context.fill();
}

/** Paints one row: fronds by tone, the tip of each a tone lighter, then short needle strokes on those that face us. */
export function paintRow(row: Row, { context, projection, base, turn, tones, needle }: Brush) {
  const { scale, middle, floor } = projection;
  const turnSin = Math.sin(turn * RADIANS);
  const turnCos = Math.cos(turn * RADIANS);
  const bodies: (Path2D | undefined)[] = [];
  const tips: (Path2D | undefined)[] = [];
  const needles = new Path2D();
  for (const frond of row.fronds) {
    const across = frond.sin * turnCos + frond.cos * turnSin;
    const facing = frond.cos * turnCos - frond.sin * turnSin;
    if (facing < -0.2) continue;
    const x0 = middle + frond.rootRadius * across * scale;
    const y0 = floor - (base + frond.rootHeight) * scale;
    const x1 = middle + frond.tipRadius * across * scale;
    // What comes towards us hangs a little lower in the picture.
    const y1 = floor - (base + frond.tipHeight - 0.05 * facing) * scale;
    const dx = x1 - x0;
    const dy = y1 - y0;
    const long = Math.hypot(dx, dy) || 1;
    const wide = frond.width * scale * (0.75 + 0.5 * Math.max(facing, 0));
    const axis = { x0, y0, dx, dy, nx: (-dy / long) * wide, ny: (dx / long) * wide };
    const tone = Math.min(Math.max(Math.round((0.3 + 0.34 * facing + 0.34 * frond.tone) * (TONES - 1)), 0), TONES - 1);
    leaf((bodies[tone] ??= new Path2D()), axis, 0, 1.3);
    if (facing > -0.1) leaf((tips[Math.min(tone + 1, TONES - 1)] ??= new Path2D()), axis, 0.5, 0.8);
    if (facing > 0.05) strokes(needles, axis);
  }
  fillAll(context, bodies, tones);
  fillAll(context, tips, tones);
  context.strokeStyle = needle;
  context.lineWidth = Math.max(0.6, scale * 0.0045);
  context.stroke(needles);
}

function fillAll(context: CanvasRenderingContext2D, paths: (Path2D | undefined)[], tones: string[]) {
  paths.forEach((path, tone) => {
    if (!path) return;
    context.fillStyle = tones[tone] ?? "";
    context.fill(path);
  });
}

/** A leaf along the axis from a share of its length to the tip, so many half-widths wide. */
function leaf(path: Path2D, { x0, y0, dx, dy, nx, ny }: Axis, from: number, wide: number) {
  const x = x0 + dx * from;
  const y = y0 + dy * from;
  const mx = x0 + dx * (from + (1 - from) * 0.45);
  const my = y0 + dy * (from + (1 - from) * 0.45);
  path.moveTo(x, y);
  path.quadraticCurveTo(mx + nx * wide, my + ny * wide, x0 + dx, y0 + dy);
  path.quadraticCurveTo(mx - nx * wide, my - ny * wide, x, y);
}

interface Axis {
  x0: number;
  y0: number;
  dx: number;
  dy: number;
  nx: number;
  ny: number;
}

function strokes(path: Path2D, { x0, y0, dx, dy, nx, ny }: Axis) {
  for (const at of [0.38, 0.68]) {
    const x = x0 + dx * at;
    const y = y0 + dy * at;
    path.moveTo(x, y);
    path.lineTo(x + dx * 0.16 + nx * 0.72, y + dy * 0.16 + ny * 0.72);
    path.moveTo(x, y);
    path.lineTo(x + dx * 0.16 - nx * 0.72, y + dy * 0.16 - ny * 0.72);
  }
}
