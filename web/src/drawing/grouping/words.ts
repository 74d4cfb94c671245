import type { Schemas } from "../../api/client";

/** What stays free for what, in a word. */
export const FREE_FOR: Record<Schemas["GroupingSettings"]["surface"]["keep_free"][number]["what"], string> = {
  sink: "sink",
  hob: "hob",
  work: "work",
  seat: "seat",
  door: "door",
};
