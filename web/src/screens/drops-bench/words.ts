import type { Schemas } from "../../api/client";

type Settings = Schemas["DropsSettings"];

/** What they hang over. */
export const OVER: Record<Settings["place"]["over"], string> = {
  table: "table",
  counter: "counter",
  sill: "window board",
  walkway: "where people walk",
  room: "an open room",
};

/** How a thing hangs. */
export const WHATS: Record<Settings["things"]["hung"][number]["what"], string> = {
  single: "alone",
  strand: "as a strand",
};
