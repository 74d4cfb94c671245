import type { Schemas } from "../../api/client";

type Settings = Schemas["WallSettings"];

/** What the arrangements are called. */
export const ARRANGEMENTS: Record<Settings["arrange"]["arrangement"], string> = {
  row: "in a row",
  two_rows: "in two rows",
  staggered: "staggered",
  cluster: "round the largest",
  openings: "one in every opening",
  flanking: "a pair beside something",
};
