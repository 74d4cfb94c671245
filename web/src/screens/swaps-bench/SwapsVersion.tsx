import { SwapsStage } from "../../drawing/swaps/SwapsStage";
import type { DrawnPlan } from "../../kinds/registry";

/** Swaps as one of their versions, without the tools of the bench. */
export function SwapsVersion({ plan, name, dusk, units }: DrawnPlan<"swaps">) {
  return <SwapsStage drawing={plan.drawing} dusk={dusk} units={units} describe={`The swaps as ${name}`} />;
}
