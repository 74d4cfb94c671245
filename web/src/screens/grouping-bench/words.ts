import type { Schemas } from "../../api/client";

type Settings = Schemas["GroupingSettings"];

/** What a group stands on. */
export const SURFACES: Record<Settings["surface"]["surface"], string> = {
  counter: "counter",
  table: "table",
  console: "console",
  sill: "window sill",
  cabinet_top: "cabinet top",
  fridge: "fridge",
  shelf: "shelf",
  hearth: "hearth",
  firebox: "firebox",
  floor: "floor",
};
