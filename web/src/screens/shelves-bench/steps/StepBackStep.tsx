import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["ShelvesSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  across: "From across the room, eyes half closed",
  backs: "Backs and what leans",
  cords: "Cords, sockets, the nail",
};

/** The look from across the room: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Things" figure={plan.figures.things} />
      <FigureValue label="Stay quiet" figure={plan.figures.quiet} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Everything has its place, and the eye its rest."
      />
    </Dials>
  );
}
