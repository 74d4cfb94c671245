import type { Schemas } from "../../api/client";
import { fitted, type Part, type View } from "../grouping/groupingViews";
import { headOf, type StageSize } from "../shared/useSize";

export type Shelves = Schemas["ShelvesDrawing"];
export type Bay = NonNullable<Shelves["bays"]>[number];
export type ShelfThing = NonNullable<Shelves["things"]>[number];

const HEAD = 54;
const FOOT = 46;
const SIDE = 60;
/** Of the wall beside and over the unit so much is seen, metres. */
const WALL_M = 0.12;
/** On the uppermost tier something may stand so high, metres. */
const OPEN_M = 0.25;
/** With less width the tiers are not seen from above. */
const ABOVE_FROM = 560;
const ABOVE_SHARE = 0.36;

export interface ShelvesViews {
  front: View;
  /** Each tier of a tray from above, its middle in the middle of its part; nothing of shelves. */
  tiers: { bay: Bay; at: View }[];
}

function above(part: Part, bays: Bay[]): ShelvesViews["tiers"] {
  const widest = Math.max(...bays.map(({ wide_m }) => wide_m));
  const high = (part.height - HEAD) / bays.length;
  return bays.map((bay, i) => ({
    bay,
    at: fitted(
      { left: part.left, top: part.top + HEAD + i * high, width: part.width, height: high },
      { left: -widest / 2, right: widest / 2, bottom: -widest / 2, top: widest / 2 },
      { head: 6, foot: 20, side: 16 },
      false,
    ),
  }));
}

/** A unit from the front as large as it fits; beside it the tiers of a tray from above, where there is room. */
export function viewsOf(stage: StageSize, drawing: Shelves): ShelvesViews | null {
  const { unit, bays = [], garland } = drawing;
  if (stage.width === 0 || unit.width_m === null || unit.height_m === null) return null;
  const tray = unit.shape === "tray";
  const beside = tray && stage.width >= ABOVE_FROM ? stage.width * ABOVE_SHARE : 0;
  const upper = Math.max(
    unit.floor_m + unit.height_m,
    ...bays.filter(({ clear_m }) => clear_m === null).map(({ foot_m, high_m }) => foot_m + Math.max(high_m, OPEN_M)),
  );
  const loft = garland ? garland.loft_m : 0;
  return {
    front: fitted(
      { left: 0, top: 0, width: stage.width - beside, height: stage.height },
      {
        left: -WALL_M - loft,
        right: unit.width_m + WALL_M + loft,
        bottom: unit.floor_m,
        top: upper + loft + (tray ? 0 : 0.04),
      },
      { head: headOf(stage, HEAD), foot: FOOT, side: SIDE },
    ),
    tiers: beside > 0 ? above({ left: stage.width - beside, top: 0, width: beside, height: stage.height }, bays) : [],
  };
}

/** In which bay a place of the front is, metres; of a tray the tier under it. */
export function bayAt(bays: Bay[], left_m: number, up_m: number): Bay | null {
  const over = bays.filter((bay) => left_m >= bay.left_m && left_m <= bay.left_m + bay.wide_m);
  return (
    over.find(
      (bay) => up_m >= bay.foot_m - 0.02 && (bay.clear_m === null || up_m <= bay.foot_m + bay.clear_m + 0.02),
    ) ?? null
  );
}

const BESIDE = {
  ArrowLeft: (from: Bay, to: Bay) => to.foot_m === from.foot_m && to.left_m < from.left_m,
  ArrowRight: (from: Bay, to: Bay) => to.foot_m === from.foot_m && to.left_m > from.left_m,
  ArrowUp: (from: Bay, to: Bay) => to.foot_m > from.foot_m && within(from, to),
  ArrowDown: (from: Bay, to: Bay) => to.foot_m < from.foot_m && within(from, to),
};

function within(from: Bay, to: Bay): boolean {
  const middle = from.left_m + from.wide_m / 2;
  return middle >= to.left_m - 1e-6 && middle <= to.left_m + to.wide_m + 1e-6;
}

/** The bay next to one in the direction of an arrow key. */
export function bayBeside(bays: Bay[], from: Bay, key: string): Bay | null {
  const there = BESIDE[key as keyof typeof BESIDE];
  if (!there) return null;
  const apart = (bay: Bay) => Math.abs(bay.left_m - from.left_m) + Math.abs(bay.foot_m - from.foot_m);
  return bays.filter((bay) => there(from, bay)).sort((one, other) => apart(one) - apart(other))[0] ?? null;
}
