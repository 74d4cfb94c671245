import type { Schemas } from "../../api/client";
import { fitted, hasAll, type Part, type View } from "../grouping/groupingViews";
import { headOf, type StageSize } from "../shared/useSize";

export type Table = Schemas["TableDrawing"];
export type Thing = NonNullable<Table["things"]>[number];
export type Seat = NonNullable<Table["seats"]>[number];
export type Layer = NonNullable<Table["layers"]>[number];
/** For show, or with a meal on it. */
export type State = "show" | "meal";

export const VIEWS = ["above", "across", "along", "place"] as const;
export type ViewName = (typeof VIEWS)[number];
export type Views = Partial<Record<ViewName, View>>;

/** A chair is so wide and so deep, and so much of it is under the table, metres. */
export const CHAIR_M = { wide: 0.44, deep: 0.42, under: 0.14 };
const ROUND_M = CHAIR_M.deep - CHAIR_M.under + 0.03;
/** The crown of who sits is so much over the eye, metres. */
export const CROWN_M = 0.12;
const HEAD = 14;
const HEAD_ALONE = 54;
const CELLS = 0.36;
const MOST_CELL = 200;
const SHARES = [0.36, 0.4, 0.24];

/** What of a table stands there in a state. */
export function standing({ things = [] }: Table, state: State): Thing[] {
  return state === "show" ? things : things.filter(({ leaves }) => !leaves);
}

function above(part: Part, { table, seats = [] }: Table, head: number): View {
  const [long, wide] = [table.length_m ?? 1, table.width_m ?? 1];
  const ends = table.shape === "round" || seats.some(({ facing }) => facing === 0 || facing === 180);
  const aside = ends ? ROUND_M : 0.08;
  return fitted(
    part,
    { left: -aside, right: long + aside, bottom: -ROUND_M, top: wide + ROUND_M },
    { head, foot: 30, side: 20 },
  );
}

/** Up to what of a table is seen from its sides: those who sit, and what stands there. */
function highest({ eye_m = 0.45, things = [] }: Table): number {
  return Math.max(eye_m + CROWN_M + 0.06, ...things.map(({ foot_m, height_m }) => foot_m + height_m + 0.06));
}

function across(part: Part, drawing: Table): View {
  const wide = drawing.table.width_m ?? 1;
  return fitted(
    part,
    { left: -0.34, right: wide + 0.34, bottom: -0.28, top: highest(drawing) },
    { head: 46, foot: 4, side: 10 },
  );
}

function along(part: Part, drawing: Table): View {
  const { table, runner } = drawing;
  const long = table.length_m ?? 1;
  const over = Math.max(0.06, -(runner?.from_m ?? 0), (runner?.to_m ?? long) - long);
  const high = Math.max(0.3, ...(drawing.things ?? []).map(({ foot_m, height_m }) => foot_m + height_m + 0.06));
  return fitted(
    part,
    { left: -0.1, right: long + 0.1, bottom: -over - 0.06, top: high },
    { head: 46, foot: 6, side: 12 },
  );
}

function place(part: Part, { layers = [] }: Table): View {
  const most = Math.max(0.2, ...layers.map(({ across_m }) => across_m));
  const words = part.width * 0.42;
  return fitted(
    { ...part, width: part.width - words },
    { left: -most / 2, right: most / 2, bottom: -most / 2, top: most / 2 },
    { head: 32, foot: 12, side: 12 },
  );
}

/** Every view where there is room for all; else the one that was chosen. */
export function viewsOf(stage: StageSize, drawing: Table, chosen: ViewName): Views {
  if (stage.width === 0 || drawing.table.length_m === null || drawing.table.width_m === null) return {};
  if (!hasAll(stage)) {
    const head = headOf(stage, HEAD_ALONE);
    const rest = { left: 0, top: head, width: stage.width, height: stage.height - head };
    const one = {
      above: () => above({ ...rest, top: 0, height: stage.height }, drawing, head),
      across: () => across(rest, drawing),
      along: () => along(rest, drawing),
      place: () => place(rest, drawing),
    };
    return { [chosen]: one[chosen]() };
  }
  const cell = Math.min(stage.height * CELLS, MOST_CELL);
  const top = stage.height - cell;
  const [first, second, third] = SHARES.map((share, i) => ({
    left: stage.width * SHARES.slice(0, i).reduce((sum, each) => sum + each, 0),
    top,
    width: stage.width * share,
    height: cell,
  })) as [Part, Part, Part];
  return {
    above: above({ left: 0, top: 0, width: stage.width, height: top }, drawing, HEAD),
    across: across(first, drawing),
    along: along(second, drawing),
    place: place(third, drawing),
  };
}
