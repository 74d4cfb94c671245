import { useMemo } from "react";
import { RunStage } from "../../drawing/run/RunStage";
import type { DrawnPlan } from "../../kinds/registry";

/** A run as one of its versions, without the tools of the bench. */
export function RunVersion({ plan, name, dusk, units }: DrawnPlan<"run">) {
  const bodies = useMemo(() => [...new Set(plan.settings.body.bodies.map(({ style }) => style))], [plan]);
  return (
    <RunStage
      drawing={plan.drawing}
      bodies={bodies}
      dusk={dusk}
      units={units}
      describe={`The run as ${name}`}
      anchors={false}
      may={null}
    />
  );
}
