import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["DrinksSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  labels: "Every jar named, allergens beside it",
  spills: "Lids shut, spoons beside, nothing sticky",
  backs: "Backs, also in a mirror",
};

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Jars" figure={plan.figures.jars} />
      <FigureValue label="Between them" figure={plan.figures.gap} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="All of it lasts, and everybody knows what is in it."
      />
    </Dials>
  );
}
