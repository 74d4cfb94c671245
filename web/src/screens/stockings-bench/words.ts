import type { Schemas } from "../../api/client";

type Settings = Schemas["StockingsSettings"];

/** What they hang from, in a sentence. */
export const PLACES: Record<Settings["place"]["from"], string> = {
  batten: "a wall batten",
  hooks: "single hooks",
  rail: "a rail",
  stairs: "a stair rail",
};

/** What is on each. */
export const TRIMS: Record<Settings["stockings"]["trim"], string> = { none: "nothing", pick: "a pick", bow: "a bow" };
