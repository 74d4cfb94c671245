import type { Schemas } from "../../api/client";
import { fitted, type View } from "../grouping/groupingViews";
import { headOf, type StageSize } from "../shared/useSize";

export type Drinks = Schemas["DrinksDrawing"];
export type Jar = NonNullable<Drinks["jars"]>[number];

const HEAD = 54;
const FOOT = 44;
/** A row of the days, pixels; with less room there are none. */
const ROW = 19;
const ROWS_HEAD = 44;
const DAYS_FROM = 330;
/** Above the highest there is so much wall, metres. */
const OVER_M = 0.12;
/** What is seen of what they stand on. */
export const TOP_M = 0.05;

export interface DrinksViews {
  front: View;
  /** Where the days begin, and how high a row of them is; nothing where there is no room. */
  days: { top: number; row: number } | null;
}

/** The corner from the front to scale; under it how long each jar lasts, where there is room. */
export function viewsOf(stage: StageSize, drawing: Drinks): DrinksViews | null {
  const { place, jars = [] } = drawing;
  if (stage.width === 0 || place.length_m === null) return null;
  const wanted = jars.length > 0 && stage.height >= DAYS_FROM ? ROWS_HEAD + jars.length * ROW : 0;
  const rows = Math.min(wanted, stage.height * 0.45);
  const high = Math.max(0.3, ...jars.map(({ high_m }) => high_m)) + OVER_M;
  return {
    front: fitted(
      { left: 0, top: 0, width: stage.width, height: stage.height - rows },
      { left: 0, right: place.length_m, bottom: -TOP_M, top: high },
      { head: headOf(stage, HEAD), foot: FOOT, side: 34 },
    ),
    days: rows > 0 ? { top: stage.height - rows, row: (rows - ROWS_HEAD) / jars.length } : null,
  };
}
