import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["SwapsSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  sat: "Somebody has sat down where they lie",
  edges: "Seams down, labels away, edges straight",
  labels: "What goes out is folded, named and stored",
};

/** The look from where people sit: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Come in" figure={plan.figures.soft} />
      <FigureValue label="Pictures" figure={plan.figures.frames} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="All that comes in has its place, and so has all that goes out."
      />
    </Dials>
  );
}
