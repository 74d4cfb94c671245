import type { Schemas } from "../../api/client";
import { headOf, type StageSize } from "../shared/useSize";

export type Swaps = Schemas["SwapsDrawing"];
export type SoftThing = Schemas["SoftThing"];
export type Picture = Swaps["frames"][number];

/** A thing to scale somewhere in a panel: its left and its foot, pixels. */
export interface Laid<T> {
  thing: T;
  x: number;
  y: number;
}

export interface Panel<T> {
  title: string;
  left: number;
  top: number;
  width: number;
  height: number;
  /** Pixels to a metre: what is soft and pictures have each their own. */
  scale: number;
  rows: { says: string; foot: number; things: Laid<T>[] }[];
}

const HEAD = 54;
const TITLE = 26;
const WORDS = 20;
const GAP = 10;
const SIDE = 26;
/** Over cushions the back they lie against is seen. */
const BACK = 26;
/** With less width one panel is shown, the one that is meant. */
const BESIDE_FROM = 640;
/** Pixels to a metre at most; pictures are much smaller than throws, and their sizes stand beside them. */
const SOFT_SCALE = 300;
const PICTURE_SCALE = 620;
const SOFT_SHARE = 0.6;
/** With less height there is no room for scents below. */
const FOOT_FROM = 300;

interface Sized<T> {
  says: string;
  things: { thing: T; wide_m: number; high_m: number }[];
}

/** Rows one below the other, as large as they go into the part. */
function panel<T>(
  title: string,
  part: Omit<Panel<T>, "title" | "scale" | "rows">,
  rows: Sized<T>[],
  most: number,
): Panel<T> | null {
  if (rows.length === 0 || part.width < 40 || part.height < 60) return null;
  const narrowest = Math.min(
    ...rows.map(
      ({ things }) => (part.width - 2 * SIDE - GAP * (things.length - 1)) / sum(things.map(({ wide_m }) => wide_m)),
    ),
  );
  const high = sum(rows.map(({ things }) => Math.max(...things.map((one) => one.high_m))));
  const scale = Math.max(
    Math.min(narrowest, (part.height - TITLE - BACK - rows.length * (WORDS + GAP)) / high, most),
    4,
  );
  let foot = part.top + TITLE + BACK;
  return {
    ...part,
    title,
    scale,
    rows: rows.map(({ says, things }) => {
      foot += Math.max(...things.map((one) => one.high_m)) * scale + GAP;
      let x = part.left + SIDE;
      const laid = things.map((one) => {
        const at = { thing: one.thing, x, y: foot };
        x += one.wide_m * scale + GAP;
        return at;
      });
      const row = { says, foot, things: laid };
      foot += WORDS;
      return row;
    }),
  };
}

function sum(numbers: number[]): number {
  return numbers.reduce((all, one) => all + one, 0);
}

/** As many of each as there are, in twos round the middle where they are two and two. */
function each(things: SoftThing[]): { thing: SoftThing; wide_m: number; high_m: number }[] {
  const [first, second] = things;
  const inOrder =
    things.length === 2 && first && second && first.count === 2 && second.count === 2
      ? [first, second, second, first]
      : things.flatMap((thing) => Array.from({ length: thing.count }, () => thing));
  return inOrder.map((thing) => ({ thing, wide_m: thing.across_m, high_m: thing.high_m }));
}

export interface SwapsViews {
  soft: Panel<SoftThing> | null;
  frames: Panel<Picture> | null;
  /** Where scents and mats are told. */
  foot: { left: number; top: number; width: number; height: number };
}

/** How large a thing lies there: a throw is folded over the back, all others as they are; a heated one is never folded. */
function lying(thing: SoftThing): { thing: SoftThing; wide_m: number; high_m: number } {
  const folded = thing.what === "throw";
  return {
    thing,
    wide_m: thing.across_m * (folded ? FOLDED.wide : 1),
    high_m: thing.high_m * (folded ? FOLDED.high : 1),
  };
}

const FOLDED = { wide: 1 / 3, high: 1 / 2 };

/** What lies together: cushions of a seat, then what else is said to be there. */
function places({ seats, soft }: Swaps): Sized<SoftThing>[] {
  const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase();
  const beside = (name: string) => soft.filter((thing) => thing.where !== "" && same(thing.where, name));
  const alone = soft.filter((thing) => !seats.some(({ name }) => thing.where !== "" && same(thing.where, name)));
  return [
    ...seats.map((seat) => ({
      says: seat.name,
      things: [...each(seat.cushions), ...beside(seat.name).map(lying)],
    })),
    ...(alone.length > 0 ? [{ says: "", things: alone.map(lying) }] : []),
  ];
}

/** Which panel is meant where there is no room for both. */
export type Meant = "soft" | "frames";

/** Cushions by seat and what else is soft to one scale, pictures to their own; scents below. */
export function viewsOf(stage: StageSize, drawing: Swaps, meant: Meant): SwapsViews | null {
  if (stage.width === 0) return null;
  const { frames, zones, mats } = drawing;
  const head = headOf(stage, HEAD);
  const under = (zones.length > 0 || mats) && stage.height > FOOT_FROM ? Math.min(stage.height * 0.26, 110) : 0;
  const all = { left: 0, top: head, width: stage.width, height: stage.height - head - under };
  const softRows = places(drawing);
  const frameRows: Sized<Picture>[] =
    frames.length > 0
      ? [
          {
            says: "",
            things: frames.map((thing) => ({
              thing,
              wide_m: Math.max(thing.wide_m, thing.paper_wide_m),
              high_m: Math.max(thing.high_m, thing.paper_high_m),
            })),
          },
        ]
      : [];
  const both = softRows.length > 0 && frameRows.length > 0;
  const foot = { left: 0, top: stage.height - under, width: stage.width, height: under };
  if (both && stage.width < BESIDE_FROM)
    return {
      soft: meant === "soft" ? panel("Comes in", all, softRows, SOFT_SCALE) : null,
      frames: meant === "frames" ? panel("Pictures", all, frameRows, PICTURE_SCALE) : null,
      foot,
    };
  const share = both ? SOFT_SHARE : softRows.length > 0 ? 1 : 0;
  const first = { ...all, width: all.width * share };
  const second = { ...all, left: first.width, width: all.width - first.width };
  return {
    soft: panel("Comes in", first, softRows, SOFT_SCALE),
    frames: panel("Pictures", second, frameRows, PICTURE_SCALE),
    foot,
  };
}
