import { DrinksStage } from "../../drawing/drinks/DrinksStage";
import type { DrawnPlan } from "../../kinds/registry";

/** A drink corner as one of its versions, without the tools of the bench. */
export function DrinksVersion({ plan, name, dusk }: DrawnPlan<"drinks">) {
  return <DrinksStage drawing={plan.drawing} dusk={dusk} describe={`The drink corner as ${name}`} />;
}
