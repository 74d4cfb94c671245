import { ShelvesStage } from "../../drawing/shelves/ShelvesStage";
import type { DrawnPlan } from "../../kinds/registry";

/** Shelves as one of their versions, without the tools of the bench. */
export function ShelvesVersion({ plan, name, dusk, units }: DrawnPlan<"shelves">) {
  return <ShelvesStage drawing={plan.drawing} dusk={dusk} units={units} describe={`The shelves as ${name}`} />;
}
