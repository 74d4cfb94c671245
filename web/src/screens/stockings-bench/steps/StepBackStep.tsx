import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["StockingsSettings"]["step_back"]["looked"][number];

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    spacing: "Gaps alike, also at both ends",
    toes: "Toes all one way, nothing sagging",
    hooks: "Hooks and loops out of sight",
  },
  figures: [
    { label: "Stockings", figure: "count" },
    { label: "Between them", figure: "gap" },
    { label: "Minutes", figure: "minutes" },
  ],
  nothing: "Nothing hangs too low, too heavy or near heat.",
});
