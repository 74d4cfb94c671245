import RestaurantOutlined from "@mui/icons-material/RestaurantOutlined";
import ViewCarouselOutlined from "@mui/icons-material/ViewCarouselOutlined";
import Box from "@mui/material/Box";
import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { DuskTool, ListTool, StageTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import type { Moved } from "../../drawing/grouping/ThingHandles";
import { TableStage } from "../../drawing/table/TableStage";
import { standing, VIEWS, type State, type Thing, type ViewName } from "../../drawing/table/tableViews";
import { counted, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { TableList } from "./TableList";

type Plan = Schemas["TablePlan"];

const VIEW_NAMES: Record<ViewName, string> = {
  above: "From above",
  across: "Across",
  along: "Along",
  place: "A place",
};
const OTHER: Record<State, State> = { show: "meal", meal: "show" };
const STATE_TOOLS: Record<State, string> = { show: "Show", meal: "Meal" };

function describe(plan: Plan, state: State, units: Units): string {
  const { table, seats = [], layers = [] } = plan.drawing;
  if (!plan.chosen || table.length_m === null || table.width_m === null) return "A table, not measured yet";
  const size =
    table.shape === "round"
      ? `round, ${length(table.length_m, units)} across`
      : `${length(table.length_m, units)} by ${length(table.width_m, units)}`;
  const stands = standing(plan.drawing, state).length;
  const ray = plan.drawing[state];
  const sight = ray?.blocks ? "Those who sit do not see each other." : "Those who sit see each other.";
  return `A table, ${size}, laid for ${seats.length} with ${counted(layers.length, "layer")}, ${
    state === "meal" ? "for a meal" : "for show"
  }: ${counted(stands, "thing")} along its middle. ${sight} The list tells what stands where.`;
}

interface Props {
  plan: Plan;
  onMove: (thing: Thing, to: Moved) => void;
}

/** The drawings of a table with their few tools: day or dusk, show or meal, the next view on a phone, the same as a list. */
export const TablePane = memo(function TablePane({ plan, onMove }: Props) {
  const { dusk } = useLight();
  const units = useUnits();
  const [view, setView] = useState<ViewName>("above");
  const [state, setState] = useState<State>("show");
  const [list, setList] = useState(false);
  const next = VIEWS[(VIEWS.indexOf(view) + 1) % VIEWS.length] ?? "above";
  const { guests } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <TableStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, state, units)}
          state={state}
          view={view}
          onMove={onMove}
        />
      ) : (
        <Unmeasured what="table">Type how large it is below, and it is drawn here to scale.</Unmeasured>
      )}
      <StageTools says={guests ? counted(Number(guests.value), "guest") : undefined}>
        <DuskTool />
        {plan.chosen && (
          <StageTool startIcon={<RestaurantOutlined />} onClick={() => setState(OTHER[state])}>
            {STATE_TOOLS[OTHER[state]]}
          </StageTool>
        )}
        {plan.chosen && (
          <Box sx={{ display: { xs: "contents", sm: "none" } }}>
            <StageTool startIcon={<ViewCarouselOutlined />} onClick={() => setView(next)}>
              {VIEW_NAMES[next]}
            </StageTool>
          </Box>
        )}
        <ListTool says="What stands where" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <TableList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
