import { useMemo } from "react";
import { drawnStyles } from "../../drawing/tree/drawnStyles";
import { TreeStage } from "../../drawing/tree/TreeStage";
import type { DrawnPlan } from "../../kinds/registry";

/** A tree as one of its versions, without the tools of the bench. */
export function TreeVersion({ plan, name, styles, dusk, units, turn }: DrawnPlan<"tree">) {
  const chosen = plan.settings.ornaments.styles;
  const drawn = useMemo(() => drawnStyles(styles, chosen), [styles, chosen]);
  return (
    <TreeStage
      drawing={plan.drawing}
      styles={drawn}
      dusk={dusk}
      units={units}
      turn={turn}
      ghost={null}
      describe={`The tree as ${name}`}
    />
  );
}
