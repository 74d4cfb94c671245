import { drawing } from "../../theme/tokens";

interface Crown {
  context: CanvasRenderingContext2D;
  /** The tip of the tree. */
  tip: { x: number; y: number };
  /** How far the topper rises above it, pixels. */
  rise: number;
  dusk: boolean;
}

function gilt(dusk: boolean) {
  return dusk ? { fill: "#f6d68a", line: "#8f6a25" } : { fill: "#d9b25a", line: "#8f6a25" };
}

/** A star of eight points. */
function paintStar({ context, tip, rise }: Crown) {
  const radius = Math.max(rise * 0.62, 6);
  context.translate(tip.x, tip.y - rise / 2);
  context.beginPath();
  for (let i = 0; i < 16; i += 1) {
    const reach = i % 2 === 0 ? (i % 4 === 0 ? radius : radius * 0.62) : radius * 0.26;
    const angle = (i * Math.PI) / 8 - Math.PI / 2;
    context.lineTo(reach * Math.cos(angle), reach * Math.sin(angle));
  }
  context.closePath();
  context.fill();
  context.stroke();
}

/** A turned spindle: a cup on the tip, a ball, a point. */
function paintFinial({ context, tip, rise }: Crown) {
  const high = Math.max(rise, 10);
  const ball = high * 0.17;
  context.translate(tip.x, tip.y);
  context.beginPath();
  context.moveTo(-ball * 0.45, high * 0.12);
  context.lineTo(-ball * 0.3, -high * 0.12);
  context.arc(0, -high * 0.3, ball, Math.PI * 0.75, Math.PI * 1.35);
  context.lineTo(0, -high);
  context.lineTo(ball * 0.45, -high * 0.3 - ball * 0.89);
  context.arc(0, -high * 0.3, ball, Math.PI * 1.65, Math.PI * 0.25);
  context.lineTo(ball * 0.3, -high * 0.12);
  context.lineTo(ball * 0.45, high * 0.12);
  context.closePath();
  context.fill();
  context.stroke();
}

/** Twigs with a berry each, fanned out of the tip. */
function paintSpray({ context, tip, rise, dusk }: Crown) {
  const long = Math.max(rise, 10);
  const [red, green, blue] = drawing[dusk ? "dusk" : "day"].foliageLight;
  context.translate(tip.x, tip.y + long * 0.1);
  for (let i = -4; i <= 4; i += 1) {
    const angle = (i / 4) * 0.95;
    const reach = long * (1.1 - 0.08 * Math.abs(i));
    const [x, y] = [Math.sin(angle) * reach * 0.8, -Math.cos(angle) * reach];
    context.beginPath();
    context.moveTo(0, 0);
    context.quadraticCurveTo(x * 0.3, y * 0.7, x, y);
    context.strokeStyle = `rgb(${red} ${green} ${blue})`;
    context.lineWidth = Math.max(long * 0.03, 1);
    context.stroke();
    context.beginPath();
    context.arc(x, y, Math.max(long * 0.05, 1.5), 0, 2 * Math.PI);
    context.fill();
  }
}

/** A small figure: a robe that sits over the tip, arms like wings, a head. */
function paintFigure({ context, tip, rise }: Crown) {
  const high = Math.max(rise, 12);
  context.translate(tip.x, tip.y);
  context.beginPath();
  context.moveTo(0, -high * 0.62);
  context.quadraticCurveTo(-high * 0.55, -high * 0.75, -high * 0.5, -high * 0.28);
  context.quadraticCurveTo(0, -high * 0.3, high * 0.5, -high * 0.28);
  context.quadraticCurveTo(high * 0.55, -high * 0.75, 0, -high * 0.62);
  context.fill();
  context.stroke();
  context.beginPath();
  context.moveTo(0, -high * 0.72);
  context.lineTo(high * 0.3, high * 0.18);
  context.quadraticCurveTo(0, high * 0.28, -high * 0.3, high * 0.18);
  context.closePath();
  context.fill();
  context.stroke();
  context.beginPath();
  context.arc(0, -high * 0.84, high * 0.15, 0, 2 * Math.PI);
  context.fill();
  context.stroke();
}

const PAINTERS = { star: paintStar, finial: paintFinial, spray: paintSpray, figure: paintFigure };

export type ToppingThing = keyof typeof PAINTERS;

export function isThing(kind: string): kind is ToppingThing {
  return kind in PAINTERS;
}

/** What crowns a tree and is no bow, as high as it rises. */
export function paintTopper(kind: ToppingThing, crown: Crown) {
  const { context, dusk } = crown;
  const { fill, line } = gilt(dusk);
  context.save();
  context.fillStyle = fill;
  context.strokeStyle = line;
  context.lineWidth = 1;
  PAINTERS[kind](crown);
  context.restore();
}
