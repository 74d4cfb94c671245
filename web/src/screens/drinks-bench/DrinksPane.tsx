import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { DuskTool, ListTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import { DrinksStage } from "../../drawing/drinks/DrinksStage";
import { counted, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { DrinksList } from "./DrinksList";

type Plan = Schemas["DrinksPlan"];

function describe(plan: Plan, units: Units): string {
  const { place, jars = [], days = 0 } = plan.drawing;
  if (!plan.chosen || place.length_m === null) return "A drink corner, not measured yet";
  const out = jars.filter(({ short }) => short > 0).length;
  const lasts = out === 0 ? "all of them last" : `${counted(out, "of them is empty", "of them are empty")} before`;
  return `A drink corner of ${length(place.length_m, units)} with ${counted(jars.length, "jar")}; ${lasts} ${counted(days, "day")}. The list tells how long each lasts.`;
}

/** The drawing of a drink corner with its few tools: day or dusk, the same as a list. */
export const DrinksPane = memo(function DrinksPane({ plan }: { plan: Plan }) {
  const { dusk } = useLight();
  const units = useUnits();
  const [list, setList] = useState(false);
  const { jars } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <DrinksStage drawing={plan.drawing} dusk={dusk} describe={describe(plan, units)} />
      ) : (
        <Unmeasured what="place">Type how long the corner is below, and it is drawn here to scale.</Unmeasured>
      )}
      <StageTools says={jars ? counted(Number(jars.value), "jar") : undefined}>
        <DuskTool />
        <ListTool says="Every jar" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <DrinksList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
