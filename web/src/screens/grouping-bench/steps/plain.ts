import type { ThingSaid } from "../words";

/** A thing of which nothing is said beside what it is: measured, placed and coloured as usual. */
export const PLAIN: Omit<ThingSaid, "form"> = {
  slot: null,
  style: null,
  across_m: null,
  deep_m: null,
  height_m: null,
  riser_m: 0,
  at_m: null,
  out_m: null,
  colour: null,
  finish: null,
  flame: false,
};
