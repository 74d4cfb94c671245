import { WreathStage } from "../../drawing/wreath/WreathStage";
import type { DrawnPlan } from "../../kinds/registry";
import { LAYOUTS } from "./words";

/** A wreath as one of its versions, without the tools of the bench. */
export function WreathVersion({ plan, name, dusk, units }: DrawnPlan<"wreath">) {
  return (
    <WreathStage
      drawing={plan.drawing}
      dusk={dusk}
      units={units}
      describe={`The wreath as ${name}`}
      hook={false}
      layout={LAYOUTS[plan.settings.layers.layout]}
    />
  );
}
