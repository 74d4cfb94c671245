import type { Schemas } from "../../api/client";

type Settings = Schemas["GroupingSettings"];
export type ThingSaid = Settings["things"]["standing"][number];
export type Form = ThingSaid["form"];
export type Slot = NonNullable<ThingSaid["slot"]>;

/** What a group stands on. */
export const SURFACES: Record<Settings["surface"]["surface"], string> = {
  counter: "counter",
  table: "table",
  console: "console",
  sill: "window sill",
  cabinet_top: "cabinet top",
  shelf: "shelf",
  hearth: "hearth",
};

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
