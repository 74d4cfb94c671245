import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["DrinksSettings"]["step_back"]["looked"][number];

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    labels: "Every jar named, allergens beside it",
    spills: "Lids shut, spoons beside, nothing sticky",
    backs: "Backs, also in a mirror",
  },
  figures: [
    { label: "Jars", figure: "jars" },
    { label: "Between them", figure: "gap" },
    { label: "Minutes", figure: "minutes" },
  ],
  nothing: "All of it lasts, and everybody knows what is in it.",
});
