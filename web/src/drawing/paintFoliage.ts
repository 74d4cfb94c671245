import type { DrawingShades } from "../theme/tokens";
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

/** Paints one row: fronds by tone, then short needle strokes on those that face us. */
export function paintRow(row: Row, { context, projection, base, turn, tones, needle }: Brush) {
  const { scale, middle, floor } = projection;
  const turnSin = Math.sin(turn * RADIANS);
  const turnCos = Math.cos(turn * RADIANS);
  const bodies: (Path2D | undefined)[] = [];
  const needles = new Path2D();
  for (const frond of row.fronds) {
    const across = frond.sin * turnCos + frond.cos * turnSin;
    const facing = frond.cos * turnCos - frond.sin * turnSin;
    if (facing < -0.35) continue;
    const x0 = middle + frond.rootRadius * across * scale;
    const y0 = floor - (base + frond.rootHeight) * scale;
    const x1 = middle + frond.tipRadius * across * scale;
    // What comes towards us hangs a little lower in the picture.
    const y1 = floor - (base + frond.tipHeight - 0.035 * facing) * scale;
    const dx = x1 - x0;
    const dy = y1 - y0;
    const long = Math.hypot(dx, dy) || 1;
    const wide = frond.width * scale * (0.75 + 0.5 * Math.max(facing, 0));
    const nx = (-dy / long) * wide;
    const ny = (dx / long) * wide;
    const tone = Math.min(Math.max(Math.round((0.5 + 0.42 * facing + 0.2 * frond.tone) * (TONES - 1)), 0), TONES - 1);
    const body = (bodies[tone] ??= new Path2D());
    const mx = x0 + dx * 0.45;
    const my = y0 + dy * 0.45;
    body.moveTo(x0, y0);
    body.quadraticCurveTo(mx + nx * 1.25, my + ny * 1.25, x1, y1);
    body.quadraticCurveTo(mx - nx * 1.25, my - ny * 1.25, x0, y0);
    if (facing > 0.05) strokes(needles, { x0, y0, dx, dy, nx, ny });
  }
  bodies.forEach((body, tone) => {
    if (!body) return;
    context.fillStyle = tones[tone] ?? "";
    context.fill(body);
  });
  context.strokeStyle = needle;
  context.lineWidth = Math.max(0.7, scale * 0.0045);
  context.stroke(needles);
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
  for (const at of [0.3, 0.52, 0.74]) {
    const x = x0 + dx * at;
    const y = y0 + dy * at;
    path.moveTo(x, y);
    path.lineTo(x + dx * 0.16 + nx * 0.72, y + dy * 0.16 + ny * 0.72);
    path.moveTo(x, y);
    path.lineTo(x + dx * 0.16 - nx * 0.72, y + dy * 0.16 - ny * 0.72);
  }
}
