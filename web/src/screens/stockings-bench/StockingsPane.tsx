import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, ListTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import { StockingsStage } from "../../drawing/stockings/StockingsStage";
import { counted, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { StockingsList } from "./StockingsList";
import { PLACES } from "./words";

type Plan = Schemas["StockingsPlan"];

function describe(plan: Plan, units: Units): string {
  const { place, hung = [] } = plan.drawing;
  const { gap, toe } = plan.figures;
  if (!plan.chosen || place.length_m === null) return "Stockings, not measured yet";
  const from = `${counted(hung.length, "stocking")} from ${PLACES[place.from]} of ${length(place.length_m, units)}`;
  const apart = gap ? `, ${length(Number(gap.value), units)} between them` : "";
  const low = toe && hung.length > 0 ? `, the lowest toe ${length(Number(toe.value), units)} above the floor` : "";
  return `${from}${apart}${low}. The list tells where each hangs.`;
}

/** The drawing of stockings with its few tools: day or dusk, closer, the same as a list. */
export const StockingsPane = memo(function StockingsPane({ plan }: { plan: Plan }) {
  const { dusk } = useLight();
  const units = useUnits();
  const view = useCloser();
  const [list, setList] = useState(false);
  const { count } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <StockingsStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, units)}
          closer={view.closer}
        />
      ) : (
        <Unmeasured what="place">Type how long what they hang from is, and they are drawn here to scale.</Unmeasured>
      )}
      <StageTools says={count ? counted(Number(count.value), "stocking") : undefined}>
        <DuskTool />
        {plan.chosen && <CloserTool {...view} whole="All of it" />}
        <ListTool says="Every stocking" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <StockingsList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
