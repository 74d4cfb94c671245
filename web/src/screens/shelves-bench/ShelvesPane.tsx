import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { DuskTool, ListTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import { ShelvesStage } from "../../drawing/shelves/ShelvesStage";
import type { Bay, ShelfThing } from "../../drawing/shelves/shelvesViews";
import { counted, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { ShelvesList } from "./ShelvesList";

type Plan = Schemas["ShelvesPlan"];

function describe(plan: Plan, units: Units): string {
  const { unit, bays = [], things = [], colours = [] } = plan.drawing;
  if (!plan.chosen || unit.width_m === null) return "Shelves, not measured yet";
  const tray = unit.shape === "tray";
  const what = tray ? counted(bays.length, "tier") : counted(bays.length, "bay");
  const quiet = tray ? "" : `, ${bays.filter((bay) => bay.quiet).length} of them quiet`;
  return `${counted(things.length, "thing")} in ${what} ${length(unit.width_m, units)} wide${quiet}; ${counted(colours.length, "colour")} beside the greens. The list tells what stands where.`;
}

interface Props {
  plan: Plan;
  threads: boolean;
  onMove: (thing: ShelfThing, to: Bay) => void;
}

/** The drawing of shelves with its few tools: day or dusk, the same as a list. */
export const ShelvesPane = memo(function ShelvesPane({ plan, threads, onMove }: Props) {
  const { dusk } = useLight();
  const units = useUnits();
  const [list, setList] = useState(false);
  const { things } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <ShelvesStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, units)}
          threads={threads}
          onMove={onMove}
        />
      ) : (
        <Unmeasured what="unit">Type how wide the shelves are below, and they are drawn here to scale.</Unmeasured>
      )}
      <StageTools says={things ? counted(Number(things.value), "thing") : undefined}>
        <DuskTool />
        <ListTool says="What stands where" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <ShelvesList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
