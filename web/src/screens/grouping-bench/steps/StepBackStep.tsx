import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["GroupingSettings"]["step_back"]["looked"][number];

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    heights: "Three heights that are plainly three",
    gaps: "No bare spot, no crowd",
    backs: "Backs, also in a mirror",
    cords: "Cords and sockets out of sight, within reach",
  },
  figures: [
    { label: "Things", figure: "things" },
    { label: "Different heights", figure: "steps" },
    { label: "Stays free", figure: "free" },
    { label: "Minutes", figure: "minutes" },
  ],
  nothing: "Nothing stands in the way, too high or alone.",
});
