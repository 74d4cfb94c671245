import { shade } from "./shade";

/** A short stem of greenery: from its root along an angle, so long, in pixels. */
export interface Sprig {
  x: number;
  y: number;
  /** Radians; 0 to the right, a quarter turn down the picture. */
  angle: number;
  long: number;
  colour: string;
  /** −1 in the shade to 1 in the light. */
  tone: number;
  texture: string;
  dusk: boolean;
}

type Context = CanvasRenderingContext2D;

const BARK = "#6b5136";

function tint({ colour, tone, dusk }: Sprig, by = 0): string {
  const lit = dusk ? -0.44 + tone * 0.16 : tone * 0.3;
  return shade(colour, Math.max(Math.min(lit + by, 0.8), -0.85));
}

/** A pointed leaf along x from `from` to `to`, so wide at its belly. */
function blade(context: Context, from: number, to: number, wide: number, y = 0) {
  const belly = from + (to - from) * 0.42;
  context.moveTo(from, y);
  context.quadraticCurveTo(belly, y - wide, to, y);
  context.quadraticCurveTo(belly, y + wide, from, y);
}

/** Needles to both sides of a stem, leaning forward. */
function needles(context: Context, sprig: Sprig) {
  const { long } = sprig;
  context.beginPath();
  blade(context, 0, long, long * 0.15);
  context.fillStyle = tint(sprig, -0.18);
  context.fill();
  context.beginPath();
  const rows = 7;
  for (let i = 1; i <= rows; i += 1) {
    const at = (long * i) / (rows + 1);
    const reach = long * 0.3 * (1 - i / (rows + 3));
    for (const side of [-1, 1]) {
      context.moveTo(at - reach * 0.35, 0);
      context.lineTo(at + reach * 0.7, side * reach);
    }
  }
  context.moveTo(0, 0);
  context.lineTo(long, 0);
  context.strokeStyle = tint(sprig, 0.06);
  context.lineWidth = Math.max(long * 0.045, 0.8);
  context.lineCap = "round";
  context.stroke();
}

/** Flat overlapping fans, each a little lower than the last. */
function scales(context: Context, sprig: Sprig) {
  const { long } = sprig;
  context.beginPath();
  for (let i = 0; i < 5; i += 1) {
    const at = (long * i) / 6;
    const side = i % 2 === 0 ? 1 : -1;
    const reach = long * (0.42 - i * 0.05);
    context.save();
    context.translate(at, 0);
    context.rotate(side * (0.62 - i * 0.07));
    blade(context, 0, reach, reach * 0.26);
    context.restore();
  }
  blade(context, long * 0.3, long, long * 0.1);
  context.fillStyle = tint(sprig);
  context.fill();
  context.beginPath();
  context.moveTo(0, 0);
  context.lineTo(long * 0.9, 0);
  context.strokeStyle = tint(sprig, -0.22);
  context.lineWidth = Math.max(long * 0.03, 0.6);
  context.stroke();
}

/** Round leaves in pairs along a stem. */
function leaves(context: Context, sprig: Sprig) {
  const { long } = sprig;
  context.beginPath();
  context.moveTo(0, 0);
  context.lineTo(long * 0.92, 0);
  context.strokeStyle = tint(sprig, -0.28);
  context.lineWidth = Math.max(long * 0.035, 0.7);
  context.stroke();
  context.beginPath();
  for (let i = 1; i <= 4; i += 1) {
    const at = (long * i) / 5;
    const size = long * (0.2 - i * 0.018);
    for (const side of [-1, 1]) {
      context.moveTo(at + size, side * size * 0.85);
      context.ellipse(at, side * size * 0.85, size, size * 0.62, side * 0.5, 0, Math.PI * 2);
    }
  }
  context.moveTo(long + long * 0.05, 0);
  context.ellipse(long * 0.93, 0, long * 0.13, long * 0.09, 0, 0, Math.PI * 2);
  context.fillStyle = tint(sprig, 0.04);
  context.fill();
}

/** A frond: leaflets that get shorter to the tip. */
function frond(context: Context, sprig: Sprig) {
  const { long } = sprig;
  context.beginPath();
  for (let i = 1; i <= 9; i += 1) {
    const at = (long * i) / 10;
    const reach = long * 0.3 * Math.sin(Math.PI * (0.25 + 0.72 * (i / 10)));
    for (const side of [-1, 1]) {
      context.save();
      context.translate(at, 0);
      context.rotate(side * 1.05);
      blade(context, 0, reach, long * 0.035);
      context.restore();
    }
  }
  context.fillStyle = tint(sprig, 0.02);
  context.fill();
  context.beginPath();
  context.moveTo(0, 0);
  context.lineTo(long, 0);
  context.strokeStyle = tint(sprig, -0.25);
  context.lineWidth = Math.max(long * 0.02, 0.6);
  context.stroke();
}

/** Side twigs; with berries at their ends, if it bears some. */
function twig(context: Context, sprig: Sprig, berries: boolean) {
  const { long } = sprig;
  const ends: [number, number][] = [];
  context.beginPath();
  context.moveTo(0, 0);
  context.lineTo(long, 0);
  for (let i = 1; i <= 4; i += 1) {
    const at = (long * i) / 5;
    const side = i % 2 === 0 ? 1 : -1;
    context.moveTo(at, 0);
    context.lineTo(at + long * 0.16, side * long * 0.16);
    ends.push([at + long * 0.16, side * long * 0.16]);
  }
  ends.push([long, 0]);
  context.strokeStyle = tint({ ...sprig, colour: BARK });
  context.lineWidth = Math.max(long * 0.022, 0.8);
  context.stroke();
  context.beginPath();
  for (const [x, y] of ends) {
    const size = long * (berries ? 0.075 : 0.05);
    context.moveTo(x + size, y);
    context.arc(x, y, size, 0, Math.PI * 2);
  }
  context.fillStyle = tint(sprig, berries ? 0.06 : 0.14);
  context.fill();
}

/** A cone: rows of scales round an egg. */
function cone(context: Context, sprig: Sprig) {
  const { long } = sprig;
  context.beginPath();
  context.ellipse(long * 0.45, 0, long * 0.4, long * 0.24, 0, 0, Math.PI * 2);
  context.fillStyle = tint(sprig, -0.2);
  context.fill();
  context.beginPath();
  for (let i = 0; i < 4; i += 1)
    for (const side of [-0.5, 0, 0.5]) {
      const at = long * (0.18 + i * 0.17);
      context.moveTo(at + long * 0.08, side * long * 0.26);
      context.arc(at, side * long * 0.26, long * 0.08, -1.1, 1.1);
    }
  context.fillStyle = tint(sprig, 0.16);
  context.fill();
}

/** Petals round a middle at the end of a stem. */
function flower(context: Context, sprig: Sprig) {
  const { long } = sprig;
  context.beginPath();
  for (let i = 0; i < 5; i += 1) {
    const turn = (i * Math.PI * 2) / 5;
    const x = long * 0.7 + Math.cos(turn) * long * 0.2;
    const y = Math.sin(turn) * long * 0.2;
    context.moveTo(x + long * 0.16, y);
    context.ellipse(x, y, long * 0.16, long * 0.12, turn, 0, Math.PI * 2);
  }
  context.fillStyle = tint(sprig, 0.06);
  context.fill();
}

/** Paints one sprig by its texture, lying along x from the origin. */
export function paintLying(context: Context, sprig: Sprig) {
  switch (sprig.texture) {
    case "scale":
      scales(context, sprig);
      break;
    case "broadleaf":
      leaves(context, sprig);
      break;
    case "fern":
      frond(context, sprig);
      break;
    case "berry":
      twig(context, sprig, true);
      break;
    case "twig":
      twig(context, sprig, false);
      break;
    case "cone":
      cone(context, sprig);
      break;
    case "flower":
      flower(context, sprig);
      break;
    default:
      needles(context, sprig);
  }
}
