import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["SwapsSettings"]["step_back"]["looked"][number];

/** The look from where people sit: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    sat: "Somebody has sat down where they lie",
    edges: "Seams down, labels away, edges straight",
    labels: "What goes out is folded, named and stored",
  },
  figures: [
    { label: "Come in", figure: "soft" },
    { label: "Pictures", figure: "frames" },
    { label: "Minutes", figure: "minutes" },
  ],
  nothing: "All that comes in has its place, and so has all that goes out.",
});
