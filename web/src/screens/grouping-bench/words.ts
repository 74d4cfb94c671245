import type { Schemas } from "../../api/client";

type Settings = Schemas["GroupingSettings"];

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
