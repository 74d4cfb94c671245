import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import { colourOf, NO_COLOUR } from "./colourOf";
import type { Row } from "./foliage";
import { growSprites, type FoliageSprites } from "./foliageSprites";
import { foliageTones, paintHeart, paintRow } from "./paintFoliage";
import { paintBeads } from "./paintGarland";
import { paintFoot, paintPresents } from "./paintFoot";
import { paintBulbs, paintGlobes, paintGlow } from "./paintLights";
import { ornamentSprite, type DrawnStyle } from "../shared/paintOrnament";
import { paintPick, paintPickRing } from "./paintPicks";
import { paintBow } from "../shared/bow";
import { paintLoops, paintSegment } from "./paintRibbon";
import { isThing, paintTopper } from "./paintTopper";
import { ornamentAt } from "./pointAt";
import { shade } from "../shared/shade";
import { radiusAt, turned, type Projection } from "./projection";

type Drawing = Required<Schemas["TreeDrawing"]>;

export interface TreeScene {
  drawing: Drawing;
  rows: Row[];
  styles: Map<string, DrawnStyle>;
  dusk: boolean;
  pixels: number;
}

/** What hangs on the tree, by the row of foliage after which it is painted: what is tucked deep comes early and is covered. */
type Layers = ((brush: Brush) => void)[][];

interface Brush {
  context: CanvasRenderingContext2D;
  projection: Projection;
  turn: number;
}

function rowOf(rows: Row[], height: number): number {
  const found = rows.findIndex((row) => row.height > height);
  return found === -1 ? rows.length - 1 : found;
}

/** Sorts everything into layers once; turning only paints them again. */
export function layTree(scene: TreeScene, scale: number): Layers {
  const layers: Layers = scene.rows.map(() => []);
  const put = (height: number, paint: (brush: Brush) => void) => layers[rowOf(scene.rows, height)]?.push(paint);
  layGarland(scene, put);
  layOrnaments(scene, scale, put);
  layRibbon(scene, put);
  layPicks(scene, put);
  return layers;
}

type Put = (height: number, paint: (brush: Brush) => void) => void;

function layOrnaments(scene: TreeScene, scale: number, put: Put) {
  const { drawing, styles, dusk, pixels } = scene;
  const sprites = new Map<string, HTMLCanvasElement>();
  for (const site of drawing.ornaments) {
    const style = styles.get(site.style) ?? { colour: NO_COLOUR, diameter: 0.07, pattern: 0 };
    const radius = Math.max((style.diameter / 2) * scale, 2);
    const sprite = sprites.get(site.style) ?? ornamentSprite(style, radius, dusk, pixels);
    sprites.set(site.style, sprite);
    put(site.height_m + 0.04 + 0.3 * (site.depth - 0.5), ({ context, projection, turn }) => {
      const { x, y, facing } = ornamentAt(drawing.tree, site, projection, turn);
      if (facing < 0) return;
      const size = sprite.width / pixels;
      context.drawImage(sprite, x - size / 2, y - size / 2, size, size);
    });
  }
}

function layRibbon(scene: TreeScene, put: Put) {
  const { drawing, dusk } = scene;
  const { ribbon, tree } = drawing;
  const ofPart = (i: number) => colourOf(scene, ribbon.styles, ribbon.each[i]);
  const shared = { base: tree.base_m, silhouette: tree.silhouette, dusk };
  ribbon.loops?.forEach((site, i) => {
    put((site[0] ?? 0) + 0.14, (brush) => paintLoops(ribbon, site, ofPart(i), { ...brush, ...shared }));
  });
  // What is scarce comes first and fills nothing.
  const filling = colourOf(scene, ribbon.styles, ribbon.styles.length - 1);
  ribbon.fills.forEach((site) =>
    put((site[0] ?? 0) + 0.14, (brush) => paintLoops(ribbon, site, filling, { ...brush, ...shared })),
  );
  ribbon.runs?.forEach((run, i) => {
    run.slice(1).forEach((to, k) => {
      const from = run[k] ?? to;
      put(Math.max(from[0] ?? 0, to[0] ?? 0) + 0.1, (brush) =>
        paintSegment(from, to, ofPart(i), ribbon.width_m, { ...brush, ...shared }),
      );
    });
  });
}

function layGarland(scene: TreeScene, put: Put) {
  const { drawing, styles, dusk } = scene;
  const { garland, tree } = drawing;
  const colour = (garland.style && styles.get(garland.style)?.colour) ?? NO_COLOUR;
  garland.points.slice(1).forEach((to, i) => {
    const from = garland.points[i] ?? to;
    put(Math.max(from[0] ?? 0, to[0] ?? 0) + 0.16, (brush) =>
      paintBeads(from, to, colour, { ...brush, base: tree.base_m, silhouette: tree.silhouette, dusk }),
    );
  });
}

function layPicks(scene: TreeScene, put: Put) {
  const { drawing, dusk } = scene;
  drawing.picks.sites.forEach((site, i) => {
    const colour = colourOf(scene, drawing.picks.styles, drawing.picks.each[i]);
    const reach = radiusAt(drawing.tree.silhouette, site[0] ?? 0);
    put((site[0] ?? 0) + 0.2, ({ context, projection, turn }) => {
      const { across, facing } = turned(site[1] ?? 0, turn);
      if (facing < 0) return;
      const at = {
        x: projection.middle + reach * across * projection.scale,
        y: projection.floor - (drawing.tree.base_m + (site[0] ?? 0)) * projection.scale,
      };
      paintPick(context, at, { lean: across, scale: projection.scale, colour, dusk });
    });
  });
}

/** What the rows of foliage are painted with. */
function foliageBrush(scene: TreeScene, { context, projection, turn }: Brush) {
  const shades = shadesOf[scene.dusk ? "dusk" : "day"];
  const needle = `rgb(${shades.needle.join(" ")} / ${scene.dusk ? 0.28 : 0.42})`;
  return { context, projection, base: scene.drawing.tree.base_m, turn, tones: foliageTones(shades), needle };
}

/** Says from which side and how large foliage is seen: the same key, the same picture of it. */
export function foliageKey(scene: TreeScene, projection: Projection, turn: number): string {
  const { scale, middle, floor } = projection;
  const { base_m, silhouette } = scene.drawing.tree;
  return JSON.stringify([scale, middle, floor, base_m, turn, scene.dusk, scene.pixels, silhouette]);
}

/** Begins to paint the foliage as it looks from one side, to be laid down whole from then on. */
export function prepareFoliage(
  scene: TreeScene,
  projection: Projection,
  turn: number,
  ready: (sprites: FoliageSprites) => void,
): () => void {
  const { scale, middle, floor } = projection;
  const setting = { scale, middle, floor, base: scene.drawing.tree.base_m, pixels: scene.pixels };
  return growSprites(
    foliageKey(scene, projection, turn),
    scene.rows,
    setting,
    (row, context) => paintRow(row, foliageBrush(scene, { context, projection, turn })),
    ready,
  );
}

/** Paints the whole tree, turned by so many degrees; foliage that was painted before from there is laid down. */
export function paintTree(scene: TreeScene, layers: Layers, brush: Brush, sprites: FoliageSprites | null) {
  const { context, projection } = brush;
  const shades = shadesOf[scene.dusk ? "dusk" : "day"];
  const { tree } = scene.drawing;
  if (scene.dusk) paintGlow(context, projection, tree);
  paintFoot(context, projection, scene.drawing, shades);
  const tip = projection.floor - (tree.base_m + tree.height_m) * projection.scale;
  const foliage = foliageBrush(scene, brush);
  paintHeart(tree.silhouette, foliage, shades);
  scene.rows.forEach((row, i) => {
    if (i === scene.rows.length - 3) paintPickRing(context, { x: projection.middle, y: tip }, scene, projection.scale);
    const sprite = sprites?.rows[i];
    if (sprite) context.drawImage(sprite.image, sprite.x, sprite.y, sprite.width, sprite.height);
    else paintRow(row, foliage);
    layers[i]?.forEach((paint) => paint(brush));
  });
  paintBulbs(scene, brush, shades);
  paintGlobes(scene, brush, shades);
  paintPresents(context, projection, scene.drawing, shades);
  paintCrown(scene, context, projection, tip);
}

function paintCrown(scene: TreeScene, context: CanvasRenderingContext2D, projection: Projection, tip: number) {
  const { crown } = scene.drawing;
  if (crown.topper === "none") return;
  const rise = crown.rise_m * projection.scale;
  const colour = (crown.style && scene.styles.get(crown.style)?.colour) ?? NO_COLOUR;
  paintStreamers(scene, context, projection, tip, colour);
  if (isThing(crown.kind)) {
    paintTopper(crown.kind, { context, tip: { x: projection.middle, y: tip }, rise, dusk: scene.dusk });
    return;
  }
  const loop = crown.loop_m * projection.scale;
  // The upper loops end where the rise says that the topper ends.
  const drop = Math.max(rise - loop * 0.78, -loop);
  paintBow(
    context,
    { x: projection.middle, y: tip - drop },
    { loop, tail: crown.tail_m * projection.scale },
    colour,
    scene.dusk,
  );
}

/** Streamers from the crown down over the branches in front. */
function paintStreamers(
  scene: TreeScene,
  context: CanvasRenderingContext2D,
  projection: Projection,
  tip: number,
  colour: string,
) {
  const { crown, ribbon, tree } = scene.drawing;
  const wide = Math.max(ribbon.width_m * projection.scale * 0.8, 2);
  context.lineCap = "round";
  for (let i = 0; i < crown.streamers; i += 1) {
    const across = Math.sin(((i + 0.5) / crown.streamers - 0.5) * Math.PI * 0.8);
    const long = (crown.streamer_m * projection.scale * tree.height_m) / Math.hypot(tree.height_m, tree.spread_m / 2);
    const reach = radiusAt(tree.silhouette, tree.height_m - crown.streamer_m) * across * projection.scale;
    context.beginPath();
    context.moveTo(projection.middle, tip);
    for (let k = 1; k <= 12; k += 1) {
      const down = k / 12;
      context.lineTo(projection.middle + reach * down + Math.sin(down * 9 + i * 2) * wide * 0.7, tip + long * down);
    }
    context.strokeStyle = shade(colour, scene.dusk ? -0.3 : 0.08);
    context.lineWidth = wide;
    context.stroke();
  }
}
