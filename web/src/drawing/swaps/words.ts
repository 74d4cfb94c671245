import type { Schemas } from "../../api/client";

/** What gives a scent, or only light. */
export const SCENT_WORDS: Record<Schemas["SwapsSettings"]["scent"]["scents"][number]["kind"], string> = {
  sticks: "scent sticks",
  diffuser: "diffuser",
  candle: "candle with a flame",
  flameless: "flameless candle",
  simmering: "pot that simmers",
};

/** What is soft. */
export const SOFT_WORDS: Record<Schemas["SoftThing"]["what"], string> = {
  cushion: "cushion",
  throw: "throw",
  heated_throw: "heated throw",
  towel: "towel",
  mat: "mat",
};
