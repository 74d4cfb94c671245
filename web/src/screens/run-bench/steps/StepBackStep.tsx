import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["RunSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  door: "From the door",
  day: "By day",
  dusk: "At dusk",
  balance: "Left against right",
};

/** The look from the door: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Fullness" figure={plan.figures.fullness} />
      <FigureValue label="Weight" figure={plan.figures.weight} />
      <FigureValue label="It weighs" figure={plan.figures.balance} />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Nothing is thin, overloaded or out of balance."
      />
    </Dials>
  );
}
