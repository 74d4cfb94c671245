import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["StockingsSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  spacing: "Gaps alike, also at both ends",
  toes: "Toes all one way, nothing sagging",
  hooks: "Hooks and loops out of sight",
};

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Stockings" figure={plan.figures.count} />
      <FigureValue label="Between them" figure={plan.figures.gap} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Nothing hangs too low, too heavy or near heat."
      />
    </Dials>
  );
}
