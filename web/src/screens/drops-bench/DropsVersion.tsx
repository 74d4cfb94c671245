import { DropsStage } from "../../drawing/drops/DropsStage";
import type { DrawnPlan } from "../../kinds/registry";

/** Hanging things as one of their versions, without the tools of the bench. */
export function DropsVersion({ plan, name, dusk, units }: DrawnPlan<"drops">) {
  return <DropsStage drawing={plan.drawing} dusk={dusk} units={units} describe={`Hanging things as ${name}`} closer />;
}
