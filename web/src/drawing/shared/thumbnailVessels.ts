import { shade } from "./shade";
import type { Sheet } from "./thumbnail";
import { dim, outline, round } from "./thumbnailSheet";

const FLAME = "#e9a83a";
const GLOW = "#e9b65a";

export function candle(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  for (const [x, y, wide] of [
    [0.3, 0.34, 0.18],
    [0.54, 0.48, 0.2],
  ] as const) {
    context.fillStyle = shade(colour, dim(sheet, -0.08));
    context.fillRect(x * size, y * size, wide * size, (0.9 - y) * size);
    context.fillStyle = FLAME;
    round(sheet, x + wide / 2, y - 0.09, 0.045, 0.085);
    context.fill();
  }
}

export function lantern(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.strokeStyle = shade(colour, dim(sheet, -0.1));
  context.lineWidth = size * 0.055;
  context.strokeRect(size * 0.3, size * 0.36, size * 0.4, size * 0.5);
  context.beginPath();
  context.moveTo(size * 0.26, size * 0.36);
  context.lineTo(size * 0.5, size * 0.18);
  context.lineTo(size * 0.74, size * 0.36);
  context.stroke();
  context.fillStyle = GLOW;
  context.fillRect(size * 0.44, size * 0.56, size * 0.12, size * 0.26);
}

export function vessel(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, -0.04));
  context.beginPath();
  context.moveTo(size * 0.36, size * 0.18);
  context.bezierCurveTo(size * 0.4, size * 0.42, size * 0.14, size * 0.4, size * 0.24, size * 0.78);
  context.quadraticCurveTo(size * 0.28, size * 0.9, size * 0.5, size * 0.9);
  context.quadraticCurveTo(size * 0.72, size * 0.9, size * 0.76, size * 0.78);
  context.bezierCurveTo(size * 0.86, size * 0.4, size * 0.6, size * 0.42, size * 0.64, size * 0.18);
  context.fill();
  context.fillStyle = shade(colour, dim(sheet, -0.3));
  round(sheet, 0.5, 0.18, 0.14, 0.045);
  context.fill();
}

export function bowl(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, -0.04));
  context.beginPath();
  context.moveTo(size * 0.08, size * 0.42);
  context.bezierCurveTo(size * 0.12, size * 0.95, size * 0.88, size * 0.95, size * 0.92, size * 0.42);
  context.fill();
  context.fillStyle = shade(colour, dim(sheet, -0.3));
  round(sheet, 0.5, 0.42, 0.42, 0.1);
  context.fill();
}

export function basket(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, 0));
  outline(sheet, [
    [0.14, 0.36],
    [0.86, 0.36],
    [0.76, 0.86],
    [0.24, 0.86],
  ]);
  context.fill();
  context.strokeStyle = shade(colour, dim(sheet, -0.3));
  context.lineWidth = size * 0.03;
  for (const y of [0.42, 0.54, 0.66, 0.78]) {
    const inset = 0.14 + (y - 0.36) * 0.2;
    context.beginPath();
    context.moveTo(inset * size, y * size);
    context.lineTo((1 - inset) * size, y * size);
    context.stroke();
  }
}

export function tray(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, -0.2));
  round(sheet, 0.5, 0.58, 0.44, 0.2);
  context.fill();
  context.fillStyle = shade(colour, dim(sheet, 0.18));
  round(sheet, 0.5, 0.53, 0.42, 0.18);
  context.fill();
  context.strokeStyle = shade(colour, dim(sheet, -0.1));
  context.lineWidth = size * 0.02;
  round(sheet, 0.5, 0.53, 0.34, 0.13);
  context.stroke();
}
