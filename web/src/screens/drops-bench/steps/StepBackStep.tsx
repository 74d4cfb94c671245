import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["DropsSettings"]["step_back"]["looked"][number];

/** The look from across the room: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    heights: "No pattern in their heights",
    turning: "None turns into another",
    hooks: "Hooks and knots out of sight",
  },
  figures: [
    { label: "Lines", figure: "count" },
    { label: "Under the lowest", figure: "under" },
    { label: "Heaviest line", figure: "heaviest" },
  ],
  nothing: "Nothing hangs too low, too heavy or where it may not.",
});
