import { TableStage } from "../../drawing/table/TableStage";
import type { DrawnPlan } from "../../kinds/registry";

/** A table as one of its versions, without the tools of the bench. */
export function TableVersion({ plan, name, dusk, units }: DrawnPlan<"table">) {
  return <TableStage drawing={plan.drawing} dusk={dusk} units={units} describe={`The table as ${name}`} />;
}
