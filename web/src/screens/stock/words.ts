import type { Schemas } from "../../api/client";
import { length, type Units } from "../../units/format";

type Thing = Schemas["StockThing"];
type Reason = Schemas["StockMove"]["reason"];

/** What a kind of thing is called among others. */
export const KINDS: Record<Thing["kind"], string> = {
  ornament: "ornaments",
  ribbon: "ribbons",
  light: "lights",
  pick: "picks",
  garland: "garlands",
  stem: "stems",
  fixing: "fixings",
  wreath: "wreaths and rings",
  tree: "trees",
  decor: "decor",
  tool: "tools",
};

/** What happened to things, as it is written down. */
export const REASONS: Record<Schemas["StockEntry"]["reason"], string> = {
  bought: "bought",
  returned: "returned",
  found: "found",
  used: "used up",
  broken: "broken",
  lost: "lost",
  lent: "lent",
  given: "given away",
  counted: "counted",
};

export const TOLD: Record<Reason, string> = {
  ...REASONS,
  opening: "first count",
  cut: "cut for a piece",
  cut_off: "cut off, kept",
  taken_back: "taken back",
  sent_back: "sent back",
  reversed: "an entry reversed",
  moved: "moved",
  merged: "made one with another",
  made: "made by hand",
};

export const SEASONS: Record<NonNullable<Schemas["Particulars"]["season"]>, string> = {
  holiday: "holiday",
  winter: "winter",
  all_year: "all year",
};

export const ROLES = { base: "base, for years", change: "this year's layer" } as const;

export const CONDITIONS: Record<NonNullable<Schemas["Particulars"]["condition"]>, string> = {
  new: "new",
  good: "good",
  worn: "worn",
  to_mend: "to be mended",
};

export const TAGS: Record<NonNullable<Schemas["Particulars"]["tag"]>, string> = {
  none: "no tags",
  may_go_back: "tags on, may go back",
  price_only: "tag tells the price",
};

export const SHAPES: Record<NonNullable<Schemas["Particulars"]["shape"]>, string> = {
  candle: "candle",
  lantern: "lantern",
  vessel: "vessel",
  bowl: "bowl",
  basket: "basket",
  cloth: "folded cloth",
  stocking: "stocking",
  block: "block or riser",
  house: "house",
  figure: "figure",
  bundle: "bundle",
  tray: "tray",
  beads: "beads on a string",
  star: "star",
  bow: "bow",
  tree: "small tree",
};

export const DRAPES = {
  supple: "supple, falls over an edge",
  stiff: "stiff",
  mouldable: "mouldable, holds without fixing",
} as const;

/** Where it lies: its box and shelf, or how many places. */
export function lies(where: Schemas["Lying"][]): string {
  if (where.length === 0) return "none there";
  if (where.length > 2) return `in ${where.length} places`;
  return where.map(({ number, place }) => (number === null ? "in no box" : placed(number, place))).join("; ");
}

export function placed(number: number, place: string | null): string {
  return place ? `box ${number}, ${place}` : `box ${number}`;
}

/** What it is, in a few words: its size and what it is of. */
export function about(thing: Thing, units: Units): string {
  const size = thing.diameter_mm !== null ? length(thing.diameter_mm / 1000, units) : null;
  const long = thing.length_m !== null ? length(thing.length_m, units) : null;
  const across = thing.across_m !== null ? length(thing.across_m, units) : null;
  return [
    size ?? long ?? across,
    thing.material ?? thing.texture,
    thing.breakable && "breakable",
    thing.keepsake && "keepsake",
    thing.belongs_with && `with ${thing.belongs_with}`,
  ]
    .filter(Boolean)
    .join(" · ");
}
