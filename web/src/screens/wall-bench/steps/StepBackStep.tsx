import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["WallSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  level: "Level, all of them",
  gaps: "Gaps alike",
  alike: "Ribbon and bows alike",
  wires: "Wires painted or taped",
};

/** The look from across the room: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="They hang" figure={plan.figures.count} />
      <FigureValue label="Clear between" figure={plan.figures.gap} />
      <FigureValue label="The nearest lap by" figure={plan.figures.lap} />
      <FigureValue label="All together" figure={plan.figures.weight} />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Nothing is overloaded, hidden or left out."
      />
    </Dials>
  );
}
