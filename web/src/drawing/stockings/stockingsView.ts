import type { Schemas } from "../../api/client";
import { fitted, type View } from "../grouping/groupingViews";
import { headOf, type StageSize } from "../shared/useSize";

export type Stockings = Schemas["StockingsDrawing"];
export type Hung = NonNullable<Stockings["hung"]>[number];

const HEAD = 56;
const FOOT = 34;
const SIDE = 64;
/** A person stands beside them: so far away, so wide, so tall, metres. */
export const PERSON = { away: 0.5, wide: 0.4, tall: 1.75 };
/** Over what they hang from there is so much wall. */
const OVER_M = 0.2;
const UNDER_M = 0.12;
/** With less width nobody stands beside them. */
export const PERSON_FROM = 520;

/** The wall to scale, from the floor up; close only where they hang. */
export function viewOf(stage: StageSize, drawing: Stockings, closer: boolean): View | null {
  const { place, toe_m = 0 } = drawing;
  if (stage.width === 0 || place.length_m === null) return null;
  const person = stage.width > PERSON_FROM && !closer;
  return fitted(
    { left: 0, top: 0, width: stage.width, height: stage.height },
    {
      left: 0,
      right: place.length_m + (person ? PERSON.away + PERSON.wide / 2 : 0),
      bottom: closer ? Math.max(toe_m - UNDER_M, 0) : 0,
      top: Math.max(place.height_m + place.rise_m + OVER_M, person ? PERSON.tall + 0.05 : 0),
    },
    { head: headOf(stage, HEAD), foot: FOOT, side: stage.width > PERSON_FROM ? SIDE : 30 },
  );
}

/** How high what they hang from is so far along. */
export function hookLine({ place }: Stockings, at_m: number): number {
  return place.height_m + (place.rise_m * at_m) / (place.length_m ?? 1);
}
