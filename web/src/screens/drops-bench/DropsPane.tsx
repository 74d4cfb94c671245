import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, ListTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import { DropsStage } from "../../drawing/drops/DropsStage";
import { counted, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { DropsList } from "./DropsList";

type Plan = Schemas["DropsPlan"];

function describe(plan: Plan, units: Units): string {
  const { count, under } = plan.figures;
  if (!plan.chosen || !count || !under) return "Hanging things, not measured yet";
  return `${counted(Number(count.value), "line")} at different heights, the lowest ${length(Number(under.value), units)} above the floor. The list tells how far each comes down.`;
}

/** The drawing of hanging things with its few tools: day or dusk, closer, the same as a list. */
export const DropsPane = memo(function DropsPane({ plan }: { plan: Plan }) {
  const { dusk } = useLight();
  const units = useUnits();
  const view = useCloser();
  const [list, setList] = useState(false);
  const { count, line } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <DropsStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, units)}
          closer={view.closer}
        />
      ) : (
        <Unmeasured what="place">Type along how much they hang below, and they are drawn here to scale.</Unmeasured>
      )}
      <StageTools
        says={
          count && line
            ? `${counted(Number(count.value), "line")} · ${length(Number(line.value), units)} of it`
            : undefined
        }
      >
        <DuskTool />
        {plan.chosen && <CloserTool {...view} whole="All of it" />}
        <ListTool says="Every line" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <DropsList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
