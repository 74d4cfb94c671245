import type { Schemas } from "../api/client";

/** A thing of a group as it is said; those of a table say the same and more. */
export type ThingSaid = Schemas["GroupingSettings"]["things"]["standing"][number];
export type Form = ThingSaid["form"];
export type Slot = NonNullable<ThingSaid["slot"]>;

/** What the things of a group are. */
export const FORMS: Record<Form, string> = {
  tray: "tray",
  board: "board",
  cloth: "cloth or runner",
  mirror: "mirror",
  basket: "basket",
  vessel: "jug or vase",
  lantern: "lantern",
  tree: "small tree",
  house: "small house",
  figure: "figure",
  candle: "candle",
  block: "stack of books",
  bowl: "bowl",
  beads: "string of beads",
  bundle: "bundle of stems",
  star: "star",
  bow: "bow",
};

/** Where in a group a thing belongs, from the back to the front. */
export const SLOTS: Record<Slot, string> = {
  ground: "ground",
  back: "back",
  tallest: "tallest",
  middle: "middle",
  low: "low",
  softener: "over the edge",
  pick: "pick",
};

/** What a thing brings to the group. */
export const FINISHES: Record<NonNullable<ThingSaid["finish"]>, string> = {
  matt: "matt",
  shiny: "shiny",
  soft: "soft",
  green: "green",
};

/** A thing of which nothing is said beside what it is: measured, placed and coloured as usual. */
export const PLAIN: Omit<ThingSaid, "form"> = {
  slot: null,
  style: null,
  across_m: null,
  deep_m: null,
  height_m: null,
  riser_m: 0,
  riser: null,
  opening_m: null,
  trunk_m: null,
  at_m: null,
  out_m: null,
  colour: null,
  finish: null,
  flame: false,
};
