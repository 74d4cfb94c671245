import { GroupingStage } from "../../drawing/grouping/GroupingStage";
import type { DrawnPlan } from "../../kinds/registry";

/** A grouping as one of its versions, without the tools of the bench. */
export function GroupingVersion({ plan, name, dusk, units }: DrawnPlan<"grouping">) {
  return (
    <GroupingStage
      drawing={plan.drawing}
      dusk={dusk}
      units={units}
      describe={`The grouping as ${name}`}
      free={null}
      closer
    />
  );
}
