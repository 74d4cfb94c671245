import type { Schemas } from "../../api/client";
import { count, cutLength, length, type Units } from "../../units/format";

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
  reversed: "an entry reversed",
};

/** Pieces, or ribbon by its length. */
export function amount(quantity: number, kind: Thing["kind"], units: Units): string {
  return kind === "ribbon" ? cutLength(quantity, units) : count(quantity);
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
