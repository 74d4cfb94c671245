import type { Schemas } from "../../api/client";

type Settings = Schemas["WreathSettings"];

/** What each of its hosts is called. */
export const HOST_NAMES: Record<Settings["place"]["host"], string> = {
  door: "door",
  pair: "pair of doors",
  window: "window",
  cabinet: "cabinet door",
  mirror: "mirror or picture",
  mantel_wall: "wall over a mantel",
  object: "small object",
  lying: "candle or lantern, lying",
};

export const LAYOUTS: Record<Settings["layers"]["layout"], string> = {
  all_round: "all round",
  crescent: "crescent",
  bottom_swag: "bottom swag",
  top_swag: "top swag",
  two_clusters: "two clusters",
  one_cluster: "one cluster",
};

/** Ways of making one. */
export const MAKINGS: Record<Settings["greens"]["making"], string> = {
  bought: "bought",
  enriched: "bought, enriched",
  frame: "made on a frame",
  hoop: "a hoop",
};
