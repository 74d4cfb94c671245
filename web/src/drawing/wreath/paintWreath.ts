import type { Schemas } from "../../api/client";
import { fonts, type DrawingShades } from "../../theme/tokens";
import { paintBow } from "../shared/bow";
import { glowSprite } from "../shared/glow";
import { ornamentSprite } from "../shared/paintOrnament";
import { shade } from "../shared/shade";
import { laySprig } from "../shared/sprigSprites";
import { GREEN, hoopArc, strewBase, strewStems } from "./strewRing";
import { onRing, type WreathView } from "./wreathProjection";

type Drawing = Schemas["WreathDrawing"];
export type WholeWreath = Drawing &
  Required<Pick<Drawing, "ring" | "samples" | "base" | "stems" | "elements" | "styles" | "bulbs" | "hook">>;

const RIBBON = "#7d4150";
const RIBBON_M = 0.05;
const WOOD = "#b99663";
/** Bulbs and their halos, at most, pixels. */
const MOST_DOT = 4;
const MOST_GLOW = 40;

export function isWhole(drawing: Drawing): drawing is WholeWreath {
  return Boolean(drawing.ring && drawing.samples && drawing.base && drawing.elements && drawing.styles && drawing.hook);
}

interface Scene {
  drawing: WholeWreath;
  at: WreathView;
  dusk: boolean;
  pixels: number;
}

type Context = CanvasRenderingContext2D;

/** The ribbon it hangs by, or seems to: from the top of what it hangs on to the ring; taped it goes on to the lower edge. */
function paintHanger({ drawing, at, dusk }: Scene, context: Context) {
  const { hanger, host, ring, styles } = drawing;
  if (!hanger) return;
  const told = hanger.style ? styles[hanger.style] : undefined;
  const colour = told?.colour ?? RIBBON;
  const wide = Math.max((told?.width_m ?? RIBBON_M) * at.scale, 2);
  const top = at.y(host.floor_m + host.height_m);
  const bottom = hanger.kind === "taped" ? at.y(host.floor_m) : at.y(ring.centre_m + ring.radius_m);
  const x = at.x(0) - wide / 2;
  context.fillStyle = shade(colour, dusk ? -0.45 : -0.05);
  context.fillRect(x, top, wide, bottom - top);
  context.fillStyle = shade(colour, dusk ? -0.62 : -0.3);
  context.fillRect(x, top, wide * 0.12, bottom - top);
  context.fillRect(x + wide * 0.88, top, wide * 0.12, bottom - top);
  context.fillStyle = shade(colour, dusk ? -0.3 : 0.16);
  context.fillRect(x + wide * 0.3, top, wide * 0.14, bottom - top);
}

/** A soft shadow on the door, then the dark heart that no gap shows the door through. */
function paintHeart({ drawing, at, dusk }: Scene, context: Context) {
  const { ring, base, styles } = drawing;
  const centre = { x: at.x(0), y: at.y(ring.centre_m) };
  const away = ring.radius_m * at.scale;
  const colour = (base.style && styles[base.style]?.colour) || GREEN;
  const greens = hoopArc(drawing);
  context.lineCap = "round";
  if (base.making === "hoop") {
    context.beginPath();
    context.arc(centre.x, centre.y, (ring.outer_m / 2) * at.scale, 0, Math.PI * 2);
    context.strokeStyle = shade(WOOD, dusk ? -0.5 : 0);
    context.lineWidth = Math.max(0.012 * at.scale, 2);
    context.stroke();
  }
  const stroke = (wide: number, style: string, dx = 0, dy = 0) => {
    context.beginPath();
    let open = false;
    for (let i = 0; i <= 96; i += 1) {
      const hour = i / 8;
      if (!greens(hour)) {
        open = false;
        continue;
      }
      const { x, y } = onRing(at, ring.centre_m, hour, ring.radius_m);
      if (open) context.lineTo(x + dx, y + dy);
      else context.moveTo(x + dx, y + dy);
      open = true;
    }
    context.strokeStyle = style;
    context.lineWidth = wide;
    context.stroke();
  };
  const body = ring.body_m * at.scale;
  context.save();
  context.filter = `blur(${Math.max(away * 0.05, 1)}px)`;
  stroke(body * 1.15, dusk ? "rgb(0 0 0 / 0.4)" : "rgb(24 38 44 / 0.28)", away * 0.03, away * 0.07);
  context.restore();
  stroke(body * 0.8, shade(colour, dusk ? -0.82 : -0.6));
}

/** Berries in a bunch on a leafy pick. */
function paintBerries(context: Context, x: number, y: number, radius: number, colour: string, dusk: boolean) {
  const places = [
    [0, -0.62],
    [-0.58, -0.3],
    [0.58, -0.32],
    [-0.38, 0.32],
    [0.4, 0.34],
    [0, 0.72],
    [0, 0.02],
  ] as const;
  for (const [dx, dy] of places) {
    const r = radius * 0.42;
    const [cx, cy] = [x + dx * radius, y + dy * radius];
    const ball = context.createRadialGradient(cx - r * 0.3, cy - r * 0.35, r * 0.1, cx, cy, r);
    ball.addColorStop(0, shade(colour, dusk ? 0 : 0.35));
    ball.addColorStop(0.6, shade(colour, dusk ? -0.35 : 0));
    ball.addColorStop(1, shade(colour, dusk ? -0.65 : -0.4));
    context.beginPath();
    context.arc(cx, cy, r, 0, Math.PI * 2);
    context.fillStyle = ball;
    context.fill();
    context.beginPath();
    context.arc(cx - r * 0.3, cy - r * 0.35, r * 0.2, 0, Math.PI * 2);
    context.fillStyle = dusk ? "rgb(255 240 215 / 0.4)" : "rgb(255 255 255 / 0.65)";
    context.fill();
  }
}

/** A cone seen from its tip: rows of scales, each turned by half a scale. */
function paintCone(context: Context, x: number, y: number, radius: number, colour: string, dusk: boolean) {
  context.beginPath();
  context.arc(x, y, radius, 0, Math.PI * 2);
  context.fillStyle = shade(colour, dusk ? -0.75 : -0.55);
  context.fill();
  for (let row = 4; row >= 1; row -= 1) {
    const scales = 3 + row * 2;
    const away = radius * (row / 4) * 0.82;
    for (let i = 0; i < scales; i += 1) {
      const angle = ((i + (row % 2) / 2) / scales) * Math.PI * 2;
      const size = radius * 0.3;
      context.beginPath();
      context.ellipse(x + Math.cos(angle) * away, y + Math.sin(angle) * away, size, size * 0.72, angle, 0, Math.PI * 2);
      context.fillStyle = shade(colour, (dusk ? -0.55 : -0.25) + (4 - row) * 0.1);
      context.fill();
      context.beginPath();
      context.arc(x + Math.cos(angle) * away, y + Math.sin(angle) * away, size * 0.86, angle - 0.9, angle + 0.9);
      context.strokeStyle = shade(colour, (dusk ? -0.25 : 0.2) + (4 - row) * 0.05);
      context.lineWidth = Math.max(radius * 0.06, 0.6);
      context.stroke();
    }
  }
}

function paintElements({ drawing, at, dusk, pixels }: Scene, context: Context) {
  const { ring, styles } = drawing;
  const ids = [...new Set(drawing.elements.map(({ style }) => style))];
  for (const { style, at_h, from_centre_m } of drawing.elements) {
    const told = styles[style];
    const colour = told?.colour ?? "#8c8f8a";
    const { x, y } = onRing(at, ring.centre_m, at_h, from_centre_m);
    const radius = Math.max(((told?.diameter_m ?? 0.06) / 2) * at.scale, 2.5);
    if (told?.kind === "pick" || told?.texture === "berry") {
      const angle = (at_h / 6) * Math.PI;
      for (const lean of [-0.7, 0.1, 0.8])
        laySprig(
          context,
          { x, y, angle: angle - lean, long: radius * 2.7, colour: GREEN, texture: "broadleaf", tone: 0.1, dusk },
          pixels,
        );
      paintBerries(context, x, y, radius, colour, dusk);
    } else if (told?.texture === "cone") {
      paintCone(context, x, y, radius, colour, dusk);
    } else {
      const look = { colour, diameter: radius * 2, pattern: ids.indexOf(style) + 3 };
      const sprite = ornamentSprite(look, radius, dusk, pixels);
      const size = sprite.width / pixels;
      context.drawImage(sprite, x - size / 2, y - size / 2, size, size);
    }
  }
}

function paintStar({ drawing, at, dusk }: Scene, context: Context) {
  const { star, ring, styles } = drawing;
  if (!star) return;
  const colour = (star.style && styles[star.style]?.colour) || RIBBON;
  if (star.kind === "word") {
    const [x, y] = [at.x(0), at.y(ring.centre_m)];
    context.save();
    context.font = `600 ${Math.max(star.width_m * at.scale * 0.3, 8)}px ${fonts.heading}`;
    context.textAlign = "center";
    context.textBaseline = "middle";
    context.lineWidth = Math.max(star.width_m * at.scale * 0.03, 1.5);
    context.strokeStyle = shade(colour, dusk ? -0.6 : -0.35);
    context.fillStyle = shade(colour, dusk ? -0.1 : 0.1);
    const words = star.words.trim() || "word";
    context.strokeText(words, x, y, star.width_m * at.scale);
    context.fillText(words, x, y, star.width_m * at.scale);
    context.restore();
    return;
  }
  const place = onRing(at, ring.centre_m, star.at_h, ring.radius_m);
  if (star.kind === "figure") {
    const half = (star.width_m / 2) * at.scale;
    context.beginPath();
    context.ellipse(place.x, place.y - half * 0.5, half * 0.42, half * 0.42, 0, 0, Math.PI * 2);
    context.ellipse(place.x, place.y + half * 0.35, half * 0.6, half * 0.7, 0, 0, Math.PI * 2);
    context.fillStyle = shade(colour, dusk ? -0.4 : 0);
    context.fill();
    return;
  }
  paintBow(
    context,
    place,
    { loop: (star.width_m / 2) * at.scale, tail: Math.max(star.tail_m, 0.05) * at.scale },
    colour,
    dusk,
  );
}

function paintBulbs({ drawing, at, dusk }: Scene, context: Context, shades: DrawingShades) {
  const halo = glowSprite();
  // On a ring no larger than a hand they stay points of light.
  const size = Math.min(0.075 * at.scale, MOST_GLOW);
  const dot = Math.min(Math.max(at.scale * (dusk ? 0.007 : 0.005), 0.8), MOST_DOT);
  context.save();
  if (dusk) context.globalCompositeOperation = "lighter";
  for (const { at_h, from_centre_m } of drawing.bulbs) {
    const { x, y } = onRing(at, drawing.ring.centre_m, at_h, from_centre_m);
    if (dusk) {
      context.globalAlpha = 0.5;
      context.drawImage(halo, x - size, y - size, size * 2, size * 2);
      context.globalAlpha = 1;
    }
    context.beginPath();
    context.arc(x, y, dot, 0, Math.PI * 2);
    context.fillStyle = shades.bulb;
    context.fill();
  }
  context.restore();
}

/** All of a wreath in one view, in the order of its layers: hanger, greens clockwise, stems, lights, elements, star. */
export function paintWreath(scene: Scene, context: Context, shades: DrawingShades) {
  const { at, drawing, dusk, pixels } = scene;
  context.save();
  context.beginPath();
  context.rect(at.left, at.top, at.width, at.height);
  context.clip();
  paintHanger(scene, context);
  paintHeart(scene, context);
  const greens = strewBase(drawing, at, dusk);
  // The crown lies over the roots of what is layered in.
  const crown = Math.floor(greens.length * 0.86);
  greens.slice(0, crown).forEach((sprig) => laySprig(context, sprig, pixels));
  strewStems(drawing, at, dusk).forEach((sprig) => laySprig(context, sprig, pixels));
  greens.slice(crown).forEach((sprig) => laySprig(context, sprig, pixels));
  paintBulbs(scene, context, shades);
  paintElements(scene, context);
  paintStar(scene, context);
  context.restore();
}
