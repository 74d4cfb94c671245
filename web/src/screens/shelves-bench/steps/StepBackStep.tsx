import type { Schemas } from "../../../api/client";
import { stepBack } from "../../../bench/stepBack";

type Look = Schemas["ShelvesSettings"]["step_back"]["looked"][number];

/** The look from across the room: figures of the whole, and all that is still to be said of it. */
export const StepBackStep = stepBack<Look>({
  looks: {
    across: "From across the room, eyes half closed",
    backs: "Backs and what leans",
    cords: "Cords, sockets, the nail",
  },
  figures: [
    { label: "Things", figure: "things" },
    { label: "Stay quiet", figure: "quiet" },
    { label: "Minutes", figure: "minutes" },
  ],
  nothing: "Everything has its place, and the eye its rest.",
});
