import type { Schemas } from "../../api/client";
import { ornamentSprite } from "./paintOrnament";
import { shade } from "./shade";
import { laySprig } from "./sprigSprites";
import { paintDecor, paintShears, paintTree } from "./thumbnailShapes";

/** What a thing of the stock is drawn by. */
export type Drawn = Pick<Schemas["Style"], "kind" | "colour" | "texture"> & Pick<Schemas["Particulars"], "shape">;

const PLAIN = "#8c8f8a";
const LEAF = "#2f5d4a";
/** A ball bears one of the patterns, by its place in a list. */
const PATTERNS = 8;

export interface Sheet {
  context: CanvasRenderingContext2D;
  size: number;
  dusk: boolean;
  pixels: number;
}

function sprig(sheet: Sheet, x: number, y: number, angle: number, long: number, colour: string, texture: string) {
  laySprig(sheet.context, { x, y, angle, long, colour, texture, tone: 0, dusk: sheet.dusk }, sheet.pixels);
}

function ball(sheet: Sheet, colour: string, x: number, y: number, radius: number, pattern: number) {
  const sprite = ornamentSprite({ colour, diameter: radius * 2, pattern }, radius, sheet.dusk, sheet.pixels);
  const wide = sprite.width / sheet.pixels;
  sheet.context.drawImage(sprite, x - wide / 2, y - wide / 2, wide, wide);
}

function roll({ context, size, dusk }: Sheet, colour: string) {
  const [x, y, r] = [size * 0.42, size * 0.5, size * 0.3];
  context.fillStyle = shade(colour, dusk ? -0.45 : -0.15);
  context.fillRect(x, y - r, size * 0.34, r * 2);
  for (const [part, by] of [
    [1, 0.1],
    [0.72, -0.25],
    [0.42, 0.15],
    [0.18, -0.45],
  ] as const) {
    context.beginPath();
    context.ellipse(x, y, r * part * 0.62, r * part, 0, 0, Math.PI * 2);
    context.fillStyle = shade(colour, dusk ? by - 0.4 : by);
    context.fill();
  }
}

function greens(sheet: Sheet, colour: string, texture: string, sprigs: number) {
  const { size } = sheet;
  for (let i = 0; i < sprigs; i += 1) {
    const lean = (i - (sprigs - 1) / 2) * 0.42;
    sprig(sheet, size * 0.5, size * 0.92, -Math.PI / 2 + lean, size * 0.8, colour, texture);
  }
}

function ring(sheet: Sheet, colour: string, texture: string) {
  const { size } = sheet;
  for (let i = 0; i < 14; i += 1) {
    const turn = (i / 14) * Math.PI * 2;
    const [x, y] = [size / 2 + Math.cos(turn) * size * 0.3, size / 2 + Math.sin(turn) * size * 0.3];
    sprig(sheet, x, y, turn + Math.PI / 2, size * 0.3, colour, texture);
  }
}

function berries(sheet: Sheet, colour: string) {
  const { size } = sheet;
  greens(sheet, LEAF, "broadleaf", 3);
  for (const [x, y] of [
    [0.5, 0.28],
    [0.36, 0.42],
    [0.64, 0.42],
    [0.5, 0.5],
  ] as const)
    ball(sheet, colour, x * size, y * size, size * 0.11, 0);
}

function bulbs({ context, size, dusk }: Sheet, colour: string) {
  context.strokeStyle = shade(LEAF, dusk ? -0.5 : -0.2);
  context.lineWidth = 1.5;
  context.beginPath();
  context.moveTo(size * 0.06, size * 0.4);
  context.bezierCurveTo(size * 0.35, size * 0.9, size * 0.65, size * 0.1, size * 0.94, size * 0.6);
  context.stroke();
  for (const [x, y] of [
    [0.14, 0.52],
    [0.36, 0.62],
    [0.6, 0.42],
    [0.84, 0.52],
  ] as const) {
    context.beginPath();
    context.ellipse(x * size, y * size + size * 0.08, size * 0.06, size * 0.1, 0, 0, Math.PI * 2);
    context.fillStyle = colour;
    context.fill();
  }
}

function hook({ context, size, dusk }: Sheet, colour: string) {
  context.strokeStyle = shade(colour, dusk ? -0.2 : -0.25);
  context.lineWidth = size * 0.09;
  context.lineCap = "round";
  context.beginPath();
  context.moveTo(size * 0.5, size * 0.14);
  context.lineTo(size * 0.5, size * 0.6);
  context.arc(size * 0.38, size * 0.64, size * 0.13, 0, Math.PI * 0.9);
  context.stroke();
}

/** One thing of the stock in a small square, drawn as on the benches. */
export function paintThumbnail(sheet: Sheet, thing: Drawn, place: number) {
  const { context, size } = sheet;
  const colour = thing.colour ?? PLAIN;
  const texture = thing.texture ?? "needle";
  context.save();
  if (thing.kind === "ornament") ball(sheet, colour, size / 2, size / 2, size * 0.4, place % PATTERNS);
  else if (thing.kind === "ribbon") roll(sheet, colour);
  else if (thing.kind === "light") bulbs(sheet, thing.colour ?? "#ffe0a0");
  else if (thing.kind === "pick") berries(sheet, colour);
  else if (thing.kind === "stem") greens(sheet, thing.colour ?? LEAF, texture, 2);
  else if (thing.kind === "garland") greens(sheet, thing.colour ?? LEAF, texture, 5);
  else if (thing.kind === "wreath") ring(sheet, thing.colour ?? LEAF, texture);
  else if (thing.kind === "tree") paintTree(sheet, thing.colour ?? LEAF);
  else if (thing.kind === "decor") paintDecor(sheet, colour, thing.shape ?? null);
  else if (thing.kind === "tool") paintShears(sheet, thing.colour ?? "#8a8f94");
  else hook(sheet, thing.colour ?? "#8a8f94");
  context.restore();
}
