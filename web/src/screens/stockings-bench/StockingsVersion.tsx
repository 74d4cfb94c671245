import { StockingsStage } from "../../drawing/stockings/StockingsStage";
import type { DrawnPlan } from "../../kinds/registry";

/** Stockings as one of their versions, without the tools of the bench. */
export function StockingsVersion({ plan, name, dusk, units }: DrawnPlan<"stockings">) {
  return (
    <StockingsStage drawing={plan.drawing} dusk={dusk} units={units} describe={`The stockings as ${name}`} closer />
  );
}
