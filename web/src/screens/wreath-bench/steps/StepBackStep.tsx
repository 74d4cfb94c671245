import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import { Ways } from "./Ways";
import type { StepProps } from "./StepDials";

type Look = Schemas["WreathSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  balance: "Left against right",
  arcs: "Thin and full arcs",
  star: "What leads is seen",
  wires: "Wires painted or taped",
};

/** The look from the path: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan, piece }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Fullness" figure={plan.figures.fullness} />
      <FigureValue label="It weighs" figure={plan.figures.weight} />
      <Ways bench={bench} piece={piece} about="mends" label="Mends, tried on it" wanted={plan.cautions.length > 0} />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Nothing is overloaded, covered or out of balance."
      />
    </Dials>
  );
}
