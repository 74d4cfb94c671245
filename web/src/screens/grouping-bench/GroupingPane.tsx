import ViewCarouselOutlined from "@mui/icons-material/ViewCarouselOutlined";
import Box from "@mui/material/Box";
import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, ListTool, StageTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import { GroupingStage } from "../../drawing/grouping/GroupingStage";
import { VIEWS, type Thing, type ViewName } from "../../drawing/grouping/groupingViews";
import type { Moved } from "../../drawing/grouping/ThingHandles";
import { counted, length, percent, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { GroupList } from "./GroupList";
import { SURFACES } from "./words";

type Plan = Schemas["GroupingPlan"];

const VIEW_NAMES: Record<ViewName, string> = {
  front: "From the front",
  side: "From the side",
  above: "From above",
  fill: "The fill",
};

function describe(plan: Plan, units: Units): string {
  const { surface, things = [], ray, fill } = plan.drawing;
  const { free, tallest, fill_share } = plan.figures;
  if (!plan.chosen || surface.length_m === null) return "A grouping, not measured yet";
  const stands = `${counted(things.length, "thing")} on a ${SURFACES[surface.kind]} of ${length(surface.length_m, units)}`;
  const high = tallest ? `, the tallest ${length(Number(tallest.value), units)} high` : "";
  const kept = free ? `, ${percent(Number(free.value))} of it free` : "";
  const hides = ray ? (ray.hides ? " It hides the socket." : " The socket shows.") : "";
  const full =
    fill_share && fill
      ? ` The vessel is ${percent(Number(fill_share.value))} full; ${counted(fill.balls.length, "ball")} lie in the drawing, those in front are seen.`
      : "";
  return `${stands}${high}${kept}.${hides}${full} The list tells what stands where.`;
}

interface Props {
  plan: Plan;
  onMove: (thing: Thing, to: Moved) => void;
}

/** The drawings of a grouping with their few tools: day or dusk, closer, the next view on a phone, the same as a list. */
export const GroupingPane = memo(function GroupingPane({ plan, onMove }: Props) {
  const { dusk } = useLight();
  const units = useUnits();
  const zoom = useCloser();
  const [view, setView] = useState<ViewName>("front");
  const [list, setList] = useState(false);
  const shown = VIEWS.filter((name) => name !== "fill" || plan.drawing.fill);
  const next = shown[(shown.indexOf(view) + 1) % shown.length] ?? "front";
  const { things, free } = plan.figures;
  return (
    <>
      {plan.chosen ? (
        <GroupingStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, units)}
          free={free ? Number(free.value) : null}
          view={view}
          closer={zoom.closer}
          onMove={onMove}
        />
      ) : (
        <Unmeasured what="grouping">Type how long its surface is below, and it is drawn here to scale.</Unmeasured>
      )}
      <StageTools says={things && Number(things.value) > 0 ? counted(Number(things.value), "thing") : undefined}>
        <DuskTool />
        {plan.chosen && <CloserTool {...zoom} whole="All of it" />}
        {plan.chosen && (
          <Box sx={{ display: { xs: "contents", sm: "none" } }}>
            <StageTool startIcon={<ViewCarouselOutlined />} onClick={() => setView(next)}>
              {VIEW_NAMES[next]}
            </StageTool>
          </Box>
        )}
        <ListTool says="What stands where" disabled={!plan.chosen} onClick={() => setList(true)} />
      </StageTools>
      {list && <GroupList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
