import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["DropsSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  heights: "No pattern in their heights",
  turning: "None turns into another",
  hooks: "Hooks and knots out of sight",
};

/** The look from across the room: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Lines" figure={plan.figures.count} />
      <FigureValue label="Under the lowest" figure={plan.figures.under} />
      <FigureValue label="Heaviest line" figure={plan.figures.heaviest} />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Nothing hangs too low, too heavy or where it may not."
      />
    </Dials>
  );
}
