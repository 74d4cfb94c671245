import type { Schemas } from "../../api/client";

export type End = Schemas["SeasonEnd"];
export type Piece = End["pieces"][number];
export type Thing = Piece["things"][number];

/** Why a thing stays or goes. */
export const WHYS: Record<Thing["why"], string> = {
  said: "as you said",
  tagged: "put up beyond the day",
  greens: "greens are winter",
  cones: "cones are winter",
  candles: "candles are winter",
  white_lights: "white lights are winter",
  drink_corner: "the drink corner stays",
  holds: "it holds things",
  cushions: "a cushion stays",
  fastens: "it fastens what stays",
  tree: "goes with the tree",
  keepsake: "a keepsake goes to its box",
  figures: "it says holiday",
  red: "red with green says holiday",
  rest: "it says holiday",
};
