import { shade } from "./shade";

/** A style as a drawing needs it. */
export interface DrawnStyle {
  colour: string;
  diameter: number;
  /** Which pattern marks it, so that colour is not the only cue. */
  pattern: number;
}

export const PATTERNS = ["plain", "band", "dots", "rays", "two bands", "ring", "slant", "half"] as const;

/** Paints one round ornament of radius `r` at the origin: body, pattern, highlight. */
export function paintOrnament(context: CanvasRenderingContext2D, style: DrawnStyle, r: number, dusk: boolean) {
  const base = dusk ? -0.35 : 0;
  const body = context.createRadialGradient(-r * 0.35, -r * 0.4, r * 0.1, 0, 0, r);
  body.addColorStop(0, shade(style.colour, dusk ? -0.1 : 0.3));
  body.addColorStop(0.55, shade(style.colour, base));
  body.addColorStop(1, shade(style.colour, dusk ? -0.62 : -0.34));
  context.beginPath();
  context.arc(0, 0, r, 0, Math.PI * 2);
  context.fillStyle = body;
  context.fill();
  context.save();
  context.clip();
  paintPattern(context, style, r, dusk);
  context.restore();
  context.beginPath();
  context.ellipse(-r * 0.36, -r * 0.42, r * 0.22, r * 0.13, -0.6, 0, Math.PI * 2);
  context.fillStyle = dusk ? "rgb(255 240 205 / 0.5)" : "rgb(255 255 255 / 0.75)";
  context.fill();
}

function paintPattern(context: CanvasRenderingContext2D, style: DrawnStyle, r: number, dusk: boolean) {
  const pale = parseInt(style.colour.slice(3, 5), 16) > 150;
  const ink = pale ? shade(style.colour, dusk ? -0.7 : -0.42) : shade(style.colour, dusk ? 0.12 : 0.48);
  context.strokeStyle = ink;
  context.fillStyle = ink;
  context.lineWidth = Math.max(r * 0.16, 0.8);
  context.beginPath();
  switch (PATTERNS[style.pattern % PATTERNS.length]) {
    case "band":
      context.ellipse(0, 0, r, r * 0.28, 0, 0, Math.PI);
      break;
    case "two bands":
      context.ellipse(0, -r * 0.32, r, r * 0.26, 0, 0, Math.PI);
      context.moveTo(r, r * 0.28);
      context.ellipse(0, r * 0.28, r, r * 0.26, 0, 0, Math.PI);
      break;
    case "ring":
      context.arc(r * 0.1, r * 0.15, r * 0.42, 0, Math.PI * 2);
      break;
    case "slant":
      for (const at of [-0.7, 0, 0.7]) {
        context.moveTo(r * (at - 0.7), r);
        context.lineTo(r * (at + 0.7), -r);
      }
      break;
    case "rays":
      for (let i = 0; i < 8; i += 1) {
        const angle = (i * Math.PI) / 4;
        context.moveTo(r * 0.18 * Math.cos(angle), r * 0.18 * Math.sin(angle));
        context.lineTo(r * 0.8 * Math.cos(angle), r * 0.8 * Math.sin(angle));
      }
      break;
    case "dots":
      for (const [x, y] of [
        [0, 0.1],
        [-0.5, 0.35],
        [0.5, 0.35],
        [0.45, -0.4],
        [0, 0.72],
        [-0.6, -0.2],
      ] as const) {
        context.moveTo(r * (x + 0.14), r * y);
        context.arc(r * x, r * y, r * 0.14, 0, Math.PI * 2);
      }
      context.fill();
      return;
    case "half":
      context.globalAlpha = 0.5;
      context.rect(-r, 0, r * 2, r);
      context.fill();
      context.globalAlpha = 1;
      return;
    default:
      return;
  }
  context.stroke();
}

/** Ornaments painted once and then only copied while the tree turns. */
export function ornamentSprite(style: DrawnStyle, radius: number, dusk: boolean, pixels: number): HTMLCanvasElement {
  const size = Math.ceil((radius * 2 + 2) * pixels);
  const canvas = document.createElement("canvas");
  canvas.width = size;
  canvas.height = size;
  const context = canvas.getContext("2d");
  if (context) {
    context.scale(pixels, pixels);
    context.translate(size / pixels / 2, size / pixels / 2);
    paintOrnament(context, style, radius, dusk);
  }
  return canvas;
}
