import { chance } from "../../drawing/shared/chance";
import { ornamentSprite } from "../../drawing/shared/paintOrnament";
import { laySprig } from "../../drawing/shared/sprigSprites";
import { drawing } from "../../theme/tokens";
import { endOf, type Frame, type Hung } from "./boughLayout";

export const BALL = 9;
const SPRIG = 20;
const APART = 6;

export interface Painted {
  frame: Frame;
  hung: (Hung & { colour: string; pattern: number })[];
  chosen: string | null;
  foliage: string;
  thread: string;
  ring: string;
  dusk: boolean;
}

/** The book's line as a bough, and each job on a thread from it: below it took longer than planned, above it was quicker. */
export function paintBough(context: CanvasRenderingContext2D, pixels: number, painted: Painted) {
  const { frame, dusk } = painted;
  const [x, y] = endOf(frame, 1);
  const long = Math.hypot(x - frame.left, frame.bottom - y);
  const along = Math.atan2(y - frame.bottom, x - frame.left);
  context.lineCap = "round";
  context.strokeStyle = drawing[dusk ? "dusk" : "day"].trunk;
  context.lineWidth = 2.4;
  context.beginPath();
  context.moveTo(frame.left, frame.bottom);
  context.lineTo(x, y);
  context.stroke();
  for (const one of painted.hung) {
    context.strokeStyle = painted.thread;
    context.lineWidth = one.job.id === painted.chosen ? 1.8 : 1;
    context.globalAlpha = one.job.left_out ? 0.35 : 1;
    context.beginPath();
    context.moveTo(one.x, one.bough);
    context.lineTo(one.x, one.y);
    context.stroke();
  }
  context.globalAlpha = 1;
  const draw = chance(7);
  for (let at = 4, i = 0; at < long - SPRIG * 0.6; at += APART, i += 1) {
    const side = i % 2 === 0 ? 1 : -1;
    laySprig(
      context,
      {
        x: frame.left + Math.cos(along) * at,
        y: frame.bottom + Math.sin(along) * at,
        angle: along + side * (0.5 + draw() * 0.25),
        long: SPRIG * (0.8 + draw() * 0.35),
        colour: painted.foliage,
        tone: draw() * 0.8 - 0.4,
        texture: "needle",
        dusk,
      },
      pixels,
    );
  }
  for (const one of painted.hung) ball(context, pixels, one, painted);
}

function ball(
  context: CanvasRenderingContext2D,
  pixels: number,
  { x, y, colour, pattern, job }: Painted["hung"][number],
  { dusk, chosen, ring }: Painted,
) {
  const sprite = ornamentSprite({ colour, diameter: BALL * 2, pattern }, BALL, dusk, pixels);
  const wide = sprite.width / pixels;
  context.globalAlpha = job.left_out ? 0.35 : 1;
  context.drawImage(sprite, x - wide / 2, y - wide / 2, wide, wide);
  context.globalAlpha = 1;
  if (job.id !== chosen && !job.far) return;
  context.strokeStyle = ring;
  context.lineWidth = job.id === chosen ? 2.4 : 1.2;
  context.beginPath();
  context.arc(x, y, BALL + 3, 0, Math.PI * 2);
  context.stroke();
}
