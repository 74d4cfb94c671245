import type { Schemas } from "../../api/client";
import { shade } from "./shade";
import { laySprig } from "./sprigSprites";
import type { Sheet } from "./thumbnail";
import { dim, outline, round } from "./thumbnailSheet";
import { basket, bowl, candle, lantern, tray, vessel } from "./thumbnailVessels";

type Shape = NonNullable<Schemas["Particulars"]["shape"]>;

const GLOW = "#e9b65a";
const BARK = "#6b5236";

function cloth(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  for (let i = 0; i < 3; i += 1) {
    context.fillStyle = shade(colour, dim(sheet, (i - 1) * 0.14));
    context.beginPath();
    context.roundRect(
      size * (0.14 + i * 0.02),
      size * (0.62 - i * 0.16),
      size * (0.72 - i * 0.04),
      size * 0.18,
      size * 0.06,
    );
    context.fill();
  }
}

function stocking(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, 0));
  context.beginPath();
  context.moveTo(size * 0.34, size * 0.2);
  context.lineTo(size * 0.62, size * 0.2);
  context.lineTo(size * 0.62, size * 0.56);
  context.bezierCurveTo(size * 0.92, size * 0.62, size * 0.86, size * 0.9, size * 0.62, size * 0.88);
  context.lineTo(size * 0.4, size * 0.86);
  context.quadraticCurveTo(size * 0.3, size * 0.84, size * 0.34, size * 0.66);
  context.fill();
  context.fillStyle = shade(colour, dim(sheet, 0.4));
  context.fillRect(size * 0.3, size * 0.12, size * 0.36, size * 0.14);
}

function block(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, 0));
  context.fillRect(size * 0.16, size * 0.42, size * 0.68, size * 0.42);
  context.fillStyle = shade(colour, dim(sheet, 0.22));
  outline(sheet, [
    [0.16, 0.42],
    [0.3, 0.26],
    [0.7, 0.26],
    [0.84, 0.42],
  ]);
  context.fill();
}

function house(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, -0.08));
  context.fillRect(size * 0.26, size * 0.46, size * 0.48, size * 0.42);
  context.fillStyle = shade(colour, dim(sheet, -0.28));
  outline(sheet, [
    [0.18, 0.48],
    [0.5, 0.16],
    [0.82, 0.48],
  ]);
  context.fill();
  context.fillStyle = GLOW;
  context.fillRect(size * 0.43, size * 0.6, size * 0.14, size * 0.14);
}

function figure(sheet: Sheet, colour: string) {
  const { context } = sheet;
  context.fillStyle = shade(colour, dim(sheet, -0.05));
  outline(sheet, [
    [0.4, 0.38],
    [0.6, 0.38],
    [0.76, 0.9],
    [0.24, 0.9],
  ]);
  context.fill();
  context.fillStyle = shade(colour, dim(sheet, 0.25));
  round(sheet, 0.5, 0.26, 0.13, 0.14);
  context.fill();
}

function bundle(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.lineCap = "round";
  for (let i = 0; i < 6; i += 1) {
    context.strokeStyle = shade(colour, dim(sheet, (i % 3) * 0.14 - 0.14));
    context.lineWidth = size * 0.08;
    context.beginPath();
    context.moveTo(size * (0.3 + i * 0.08), size * 0.14);
    context.lineTo(size * (0.34 + i * 0.064), size * 0.86);
    context.stroke();
  }
  context.fillStyle = shade(colour, dim(sheet, -0.45));
  context.fillRect(size * 0.25, size * 0.46, size * 0.5, size * 0.1);
}

function beads(sheet: Sheet, colour: string) {
  const { context } = sheet;
  for (let i = 0; i < 11; i += 1) {
    const along = i / 10;
    context.fillStyle = shade(colour, dim(sheet, i % 2 === 0 ? 0 : 0.18));
    round(sheet, 0.1 + along * 0.8, 0.3 + Math.sin(along * Math.PI) * 0.42, 0.055, 0.055);
    context.fill();
  }
}

function star(sheet: Sheet, colour: string) {
  const { context } = sheet;
  const points = Array.from({ length: 12 }, (_, i) => {
    const reach = i % 2 === 0 ? 0.42 : 0.17;
    const turn = (i / 12) * Math.PI * 2 - Math.PI / 2;
    return [0.5 + Math.cos(turn) * reach, 0.5 + Math.sin(turn) * reach] as const;
  });
  context.fillStyle = shade(colour, dim(sheet, 0));
  outline(sheet, points);
  context.fill();
}

function bow(sheet: Sheet, colour: string) {
  const { context } = sheet;
  for (const side of [-1, 1]) {
    context.fillStyle = shade(colour, dim(sheet, 0));
    outline(sheet, [
      [0.5, 0.44],
      [0.5 + side * 0.4, 0.2],
      [0.5 + side * 0.42, 0.58],
    ]);
    context.fill();
    context.fillStyle = shade(colour, dim(sheet, -0.2));
    outline(sheet, [
      [0.5, 0.46],
      [0.5 + side * 0.1, 0.5],
      [0.5 + side * 0.26, 0.9],
      [0.5 + side * 0.1, 0.86],
    ]);
    context.fill();
  }
  context.fillStyle = shade(colour, dim(sheet, -0.3));
  round(sheet, 0.5, 0.45, 0.08, 0.09);
  context.fill();
}

/** A tree as it stands when it is put together. */
export function paintTree(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(BARK, dim(sheet, 0));
  context.fillRect(size * 0.46, size * 0.8, size * 0.08, size * 0.14);
  for (const [y, long] of [
    [0.66, 0.38],
    [0.47, 0.3],
    [0.28, 0.21],
    [0.1, 0.13],
  ] as const)
    for (const side of [-1.15, -0.6, 0, 0.6, 1.15])
      laySprig(
        context,
        {
          x: size * 0.5,
          y: size * y,
          angle: Math.PI / 2 - side,
          long: size * long,
          colour,
          texture: "needle",
          tone: 0,
          dusk: sheet.dusk,
        },
        sheet.pixels,
      );
}

/** A tool. */
export function paintShears(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.strokeStyle = shade(colour, dim(sheet, -0.15));
  context.lineWidth = size * 0.07;
  context.lineCap = "round";
  for (const side of [-1, 1]) {
    context.beginPath();
    context.moveTo(size * (0.5 + side * 0.16), size * 0.14);
    context.lineTo(size * (0.5 - side * 0.13), size * 0.66);
    context.stroke();
    round(sheet, 0.5 - side * 0.18, 0.77, 0.1, 0.12);
    context.stroke();
  }
}

/** What nobody said the shape of shows its colour and no more. */
function swatch(sheet: Sheet, colour: string) {
  const { context, size } = sheet;
  context.fillStyle = shade(colour, dim(sheet, 0));
  context.beginPath();
  context.roundRect(size * 0.16, size * 0.16, size * 0.68, size * 0.68, size * 0.1);
  context.fill();
}

const SHAPES: Record<Shape, (sheet: Sheet, colour: string) => void> = {
  candle,
  lantern,
  vessel,
  bowl,
  basket,
  cloth,
  stocking,
  block,
  house,
  figure,
  bundle,
  tray,
  beads,
  star,
  bow,
  tree: paintTree,
};

/** A piece of decor by its shape. */
export function paintDecor(sheet: Sheet, colour: string, shape: Shape | null) {
  (shape ? SHAPES[shape] : swatch)(sheet, colour);
}
