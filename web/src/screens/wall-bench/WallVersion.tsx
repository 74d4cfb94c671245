import { WallStage } from "../../drawing/wall/WallStage";
import type { DrawnPlan } from "../../kinds/registry";

/** A wall of wreaths as one of its versions, without the tools of the bench. */
export function WallVersion({ plan, name, dusk, units }: DrawnPlan<"wall">) {
  return (
    <WallStage drawing={plan.drawing} dusk={dusk} units={units} describe={`The wall as ${name}`} hooks={false} closer />
  );
}
