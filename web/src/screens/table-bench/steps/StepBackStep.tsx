import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["TableSettings"]["step_back"]["looked"][number];

/** The look from where people stand and sit: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    heights: "Seated once at every side: everybody is seen",
    gaps: "No bare stretch, room for bowls and bottles",
    cords: "Cords and switches out of sight, within reach",
  },
  figures: [
    { label: "Guests", figure: "guests" },
    { label: "Before each guest", figure: "depth" },
    { label: "Leave for a meal", figure: "leaves" },
    { label: "Minutes", figure: "minutes" },
  ],
  nothing: "Everybody has room and sees the others.",
});
