import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import PushPinOutlined from "@mui/icons-material/PushPinOutlined";
import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, StageTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import type { Rearranging } from "../../drawing/wall/RingHandles";
import { WallStage } from "../../drawing/wall/WallStage";
import { counted, length, mass, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { NailList } from "./NailList";
import { ARRANGEMENTS } from "./words";

type Plan = Schemas["WallPlan"];

function describe(plan: Plan, units: Units): string {
  const { count, middle, weight, gap } = plan.figures;
  if (!plan.chosen || !count || !middle || !weight) return "A wall for wreaths, not measured yet";
  const between = gap ? `, ${length(Number(gap.value), units)} between the nearest two` : "";
  const left = plan.left_out.length > 0 ? ` ${counted(plan.left_out.length, "wreath")} left out for want of room.` : "";
  return `${counted(Number(count.value), "wreath")} ${ARRANGEMENTS[plan.settings.arrange.arrangement]}, their middle at ${length(Number(middle.value), units)}${between}, ${mass(Number(weight.value), units)} together.${left} The list tells where each hangs.`;
}

/** The drawing of a wall with its few tools: day or dusk, closer, hooks, the same as a list. */
export const WallPane = memo(function WallPane({ plan, rearranging }: { plan: Plan; rearranging: Rearranging | null }) {
  const { dusk } = useLight();
  const units = useUnits();
  const view = useCloser();
  const [hooks, setHooks] = useState(true);
  const [list, setList] = useState(false);
  const { count, weight } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <WallStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, units)}
          hooks={hooks}
          rearranging={rearranging}
          closer={view.closer}
          onCloser={view.setCloser}
        />
      ) : (
        <Unmeasured what="wall">Type its width below, and the wreaths are drawn here to scale.</Unmeasured>
      )}
      <StageTools
        says={
          count && weight
            ? `${counted(Number(count.value), "wreath")} · ${mass(Number(weight.value), units)}`
            : undefined
        }
      >
        <DuskTool />
        {plan.chosen && <CloserTool {...view} whole="All of it" />}
        {plan.chosen && (
          <StageTool startIcon={<PushPinOutlined />} aria-pressed={hooks} onClick={() => setHooks(!hooks)}>
            {hooks ? "Hide hooks" : "Hooks"}
          </StageTool>
        )}
        <StageTool startIcon={<FormatListBulleted />} disabled={!plan.chosen} onClick={() => setList(true)}>
          Where each hangs
        </StageTool>
      </StageTools>
      {list && <NailList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
