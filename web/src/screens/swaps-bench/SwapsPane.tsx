import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { DuskTool, ListTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import { SwapsStage } from "../../drawing/swaps/SwapsStage";
import type { Meant } from "../../drawing/swaps/swapsViews";
import { counted } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { SwapsList } from "./SwapsList";

type Plan = Schemas["SwapsPlan"];

function describe(plan: Plan): string {
  const { seats, soft, frames, zones } = plan.drawing;
  const cushions = seats.reduce((sum, { count }) => sum + count, 0);
  return `${counted(cushions, "cushion")} on ${counted(seats.length, "seat")}, ${counted(soft.length, "other soft thing")}, ${counted(frames.length, "picture")}, scents in ${counted(zones.length, "place")}. The list tells what goes out and what comes in.`;
}

/** The drawing of what is swapped with its few tools: day or dusk, out and in as a list. */
export const SwapsPane = memo(function SwapsPane({ plan, meant }: { plan: Plan; meant: Meant }) {
  const { dusk } = useLight();
  const units = useUnits();
  const [list, setList] = useState(false);
  return (
    <>
      {plan.chosen ? (
        <SwapsStage drawing={plan.drawing} dusk={dusk} units={units} describe={describe(plan)} meant={meant} />
      ) : (
        <Unmeasured what="swap">Say below what comes in, and it is drawn here to scale.</Unmeasured>
      )}
      <StageTools>
        <DuskTool />
        <ListTool says="Out and in" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <SwapsList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
