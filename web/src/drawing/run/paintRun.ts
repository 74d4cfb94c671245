import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";
import { glowSprite } from "../shared/glow";
import { ornamentSprite } from "../shared/paintOrnament";
import { paintBow } from "../shared/bow";
import type { RunProjection } from "./runProjection";
import { shade } from "../shared/shade";
import type { Sprig } from "../shared/sprigs";
import { laySprig } from "../shared/sprigSprites";
import { strewBodies, strewStems } from "./strewGreens";

type Drawing = Schemas["RunDrawing"];

export interface RunScene {
  drawing: Drawing;
  /** Ids of the garlands that lie on the run. */
  bodies: string[];
  projection: RunProjection;
  dusk: boolean;
  pixels: number;
}

const RIBBON = "#8c5a63";

/** The shaded inside of the body, so that no gap shows the wall. */
function paintHeart({ drawing, projection, dusk, bodies }: RunScene, context: CanvasRenderingContext2D) {
  const samples = (drawing.samples ?? []).filter(({ body_m }) => body_m > 0);
  if (samples.length < 2) return;
  const colour = drawing.styles?.[bodies[0] ?? "plain"]?.colour ?? "#2f5d4b";
  context.beginPath();
  const edge = (side: number) => (at: Schemas["RunSample"]) => {
    const off = (side * at.body_m * 0.55) / 2;
    context.lineTo(projection.x(at.x_m + at.out_x * off), projection.y(at.y_m + at.out_y * off));
  };
  samples.forEach(edge(1));
  [...samples].reverse().forEach(edge(-1));
  context.closePath();
  context.fillStyle = shade(colour, dusk ? -0.78 : -0.42);
  context.fill();
}

function paintRibbon({ drawing, projection, dusk }: RunScene, context: CanvasRenderingContext2D) {
  const ribbon = drawing.ribbon;
  if (!ribbon || ribbon.places.length === 0) return;
  const colour = drawing.styles?.[ribbon.style ?? ""]?.colour ?? RIBBON;
  const places = ribbon.places.map(({ x_m, y_m }) => ({ x: projection.x(x_m), y: projection.y(y_m) }));
  if (ribbon.method === "weave") {
    context.beginPath();
    places.forEach(({ x, y }, i) => {
      const before = places[i - 1];
      if (!before) context.moveTo(x, y);
      else context.quadraticCurveTo(before.x, (before.y + y) / 2, (before.x + x) / 2, (before.y + y) / 2);
    });
    context.strokeStyle = shade(colour, dusk ? -0.4 : 0);
    context.lineWidth = Math.max(0.045 * projection.scale, 3);
    context.lineJoin = "round";
    context.stroke();
    return;
  }
  const size = ribbon.method === "bows" ? 0.12 : ribbon.loop_m * 0.6;
  const tail = ribbon.method === "bows" ? 0.24 : 0.05;
  for (const { x, y } of places)
    paintBow(context, { x, y }, { loop: size * projection.scale, tail: tail * projection.scale }, colour, dusk);
}

function paintAccents({ drawing, projection, dusk, pixels }: RunScene, context: CanvasRenderingContext2D) {
  const ids = [...new Set((drawing.accents ?? []).map(({ style }) => style))];
  for (const { style, x_m, y_m } of drawing.accents ?? []) {
    const told = drawing.styles?.[style];
    const radius = Math.max(((told?.diameter_m ?? 0.06) / 2) * projection.scale, 2.5);
    const look = { colour: told?.colour ?? "#8c8f8a", diameter: radius * 2, pattern: ids.indexOf(style) + 3 };
    const sprite = ornamentSprite(look, radius, dusk, pixels);
    const size = sprite.width / pixels;
    context.drawImage(sprite, projection.x(x_m) - size / 2, projection.y(y_m) - size / 2, size, size);
  }
}

function paintBulbs({ drawing, projection, dusk }: RunScene, context: CanvasRenderingContext2D, shades: DrawingShades) {
  const halo = glowSprite();
  const size = 0.075 * projection.scale;
  const dot = Math.max(projection.scale * (dusk ? 0.009 : 0.006), 0.9);
  context.save();
  if (dusk) context.globalCompositeOperation = "lighter";
  const points = new Path2D();
  for (const { x_m, y_m } of drawing.bulbs ?? []) {
    const x = projection.x(x_m);
    const y = projection.y(y_m);
    if (dusk) {
      context.globalAlpha = 0.5;
      context.drawImage(halo, x - size, y - size, size * 2, size * 2);
    }
    points.moveTo(x + dot, y);
    points.arc(x, y, dot, 0, Math.PI * 2);
  }
  context.globalAlpha = dusk ? 1 : 0.85;
  context.fillStyle = shades.bulb;
  context.fill(points);
  context.restore();
}

/** So many sprigs are laid at one step. */
const HANDFUL = 12;

function* layAll(sprigs: Sprig[], context: CanvasRenderingContext2D, pixels: number) {
  for (let i = 0; i < sprigs.length; i += HANDFUL) {
    sprigs.slice(i, i + HANDFUL).forEach((sprig) => laySprig(context, sprig, pixels));
    yield;
  }
}

/** Everything that is put on a run, step by step, in the order of its layers: body, stems, lights, ribbon, accents. */
export function* paintRun(scene: RunScene, context: CanvasRenderingContext2D, shades: DrawingShades) {
  paintHeart(scene, context);
  const stems = strewStems(scene.drawing, scene.projection, scene.dusk);
  const bodies = strewBodies(scene.drawing, scene.bodies, scene.projection, scene.dusk);
  yield;
  // Some of the body lies over the roots of the stems.
  const over = Math.floor(bodies.length * 0.62);
  yield* layAll([...bodies.slice(0, over), ...stems, ...bodies.slice(over)], context, scene.pixels);
  paintBulbs(scene, context, shades);
  yield;
  paintRibbon(scene, context);
  paintAccents(scene, context);
}
