import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";
import { headOf, type StageSize } from "../shared/useSize";

type Drawing = Schemas["RunDrawing"];

/** How metres of a run become pixels: seen straight from the front. */
export interface RunProjection {
  scale: number;
  x: (metres: number) => number;
  y: (metres: number) => number;
  width: number;
  height: number;
  /** Where the floor is; below the picture when the run hangs high. */
  floor: number;
}

interface Reach {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

const HEAD = 74;
const FOOT = 46;
/** Free beside a run for its measures, metres. */
const BESIDE = 0.55;
const BESIDE_GREENS = 0.12;

function reachOf(drawing: Drawing): Reach {
  const samples = drawing.samples ?? [];
  const out = samples.map(({ x_m, out_x, upper_m }) => x_m + out_x * upper_m);
  const high = samples.map(({ y_m, out_y, upper_m, wanted_m }) => y_m + out_y * Math.max(upper_m, wanted_m / 2));
  const low = samples.map(({ y_m, out_y, lower_m }) => y_m - Math.abs(out_y) * lower_m);
  const extras = [
    drawing.mirror?.top_m ?? 0,
    drawing.frame?.top_m ?? 0,
    (drawing.stair?.rise_m ?? 0) + (drawing.stair?.rail_m ?? 0),
    ...(drawing.things ?? []).map(({ bottom_m, height_m }) => bottom_m + height_m),
  ];
  const lowest = Math.min(...low, drawing.firebox || drawing.stair ? 0 : Infinity);
  return {
    left: Math.min(0, ...out, drawing.shelf?.left_m ?? 0),
    right: Math.max(0.4, ...out, drawing.shelf?.right_m ?? 0, drawing.stair?.going_m ?? 0),
    // What hangs high is not drawn with all the empty wall below it.
    bottom: lowest > 1.3 ? lowest - 0.7 : 0,
    top: Math.max(0.6, ...high, ...extras),
  };
}

/** The greens alone. */
function reachOfGreens({ samples = [] }: Drawing): Reach {
  const across = samples.map(({ x_m, out_x, upper_m }) => x_m + out_x * upper_m);
  const up = samples.map(({ y_m, out_y, upper_m }) => y_m + out_y * upper_m);
  const down = samples.map(({ y_m, out_y, lower_m }) => y_m - Math.abs(out_y) * lower_m);
  return {
    left: Math.min(...across, ...samples.map(({ x_m }) => x_m)),
    right: Math.max(...across, ...samples.map(({ x_m }) => x_m)),
    bottom: Math.min(...up, ...down),
    top: Math.max(...up, ...down),
  };
}

/** @param closer the greens fill the stage; else all that they hang on and over is seen */
export function projectRun(stage: StageSize, drawing: Drawing, closer = false): RunProjection {
  const near = closer && (drawing.samples ?? []).length > 0;
  const { left, right, bottom, top } = near ? reachOfGreens(drawing) : reachOf(drawing);
  const head = headOf(stage, HEAD);
  const byHeight = (stage.height - head - FOOT) / (top - bottom);
  const byWidth = stage.width / (right - left + 2 * (near ? BESIDE_GREENS : BESIDE));
  const scale = Math.max(Math.min(byHeight, byWidth, near ? 900 : 420), 10);
  const middle = (left + right) / 2;
  // A wide run leaves height to spare; it then hangs in the middle of it.
  const spare = Math.max((stage.height - head - FOOT - (top - bottom) * scale) / 2, 0);
  const base = stage.height - FOOT - (bottom > 0 ? spare : Math.min(spare, 40));
  return {
    scale,
    x: (metres) => stage.width / 2 + (metres - middle) * scale,
    y: (metres) => base - (metres - bottom) * scale,
    width: stage.width,
    height: stage.height,
    floor: bottom > 0 ? Math.max(stage.height + 10, base + bottom * scale) : base,
  };
}

/** What every part of the setting is drawn from. */
export interface RunPart {
  drawing: Drawing;
  at: RunProjection;
  shades: DrawingShades;
}

/** A rectangle given by its edges in metres. */
export function edges(at: RunProjection, left: number, right: number, bottom: number, top: number) {
  return { x: at.x(left), y: at.y(top), width: (right - left) * at.scale, height: (top - bottom) * at.scale };
}
