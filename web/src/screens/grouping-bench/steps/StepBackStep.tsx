import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["GroupingSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  heights: "Three heights that are plainly three",
  gaps: "No bare spot, no crowd",
  backs: "Backs, also in a mirror",
  cords: "Cords and sockets out of sight, within reach",
};

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Things" figure={plan.figures.things} />
      <FigureValue label="Different heights" figure={plan.figures.steps} />
      <FigureValue label="Stays free" figure={plan.figures.free} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Nothing stands in the way, too high or alone."
      />
    </Dials>
  );
}
