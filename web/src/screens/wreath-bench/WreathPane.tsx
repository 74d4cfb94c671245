import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import MeetingRoomOutlined from "@mui/icons-material/MeetingRoomOutlined";
import PushPinOutlined from "@mui/icons-material/PushPinOutlined";
import { memo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, StageTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import type { ArcHandle } from "../../drawing/wreath/ArcHandles";
import { WreathStage } from "../../drawing/wreath/WreathStage";
import { clockPosition, counted, length, mass, percent, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { RingList } from "./RingList";
import { HOST_NAMES, LAYOUTS } from "./words";

type Plan = Schemas["WreathPlan"];

function describe(plan: Plan, units: Units): string {
  const { host, ring } = plan.drawing;
  const { fullness, sites, weight } = plan.figures;
  if (!plan.chosen || !ring || !fullness || !sites || !weight) return `A ${HOST_NAMES[host.host]}, not measured yet`;
  const thin = (plan.drawing.thin ?? []).map(
    ({ from_h, to_h }) => `${clockPosition(from_h)} to ${clockPosition(to_h)}`,
  );
  const { hook } = plan.drawing;
  const swings = hook?.leaf
    ? ` Its hook is on the ${hook.leaf} leaf, ${length(Math.abs(hook.x_m), units)} off the line.`
    : "";
  const where =
    host.host === "lying"
      ? "round a candle or lantern, seen from above"
      : `on a ${HOST_NAMES[host.host]}, its centre at ${length(ring.centre_m, units)}`;
  return `Wreath of ${length(ring.outer_m, units)} ${where}, ${mass(Number(weight.value), units)}, ${LAYOUTS[plan.settings.layers.layout]}, ${counted(Number(sites.value), "site")}, ${percent(Number(fullness.value))} of the outline wanted${thin.length > 0 ? `, thin from ${thin.join(" and from ")}` : ""}.${swings} The list round the clock tells them one by one.`;
}

/** The drawing of a wreath with its few tools: day or dusk, closer, the hook, the same as a list. */
export const WreathPane = memo(function WreathPane({ plan, handles }: { plan: Plan; handles: ArcHandle[] }) {
  const { dusk } = useLight();
  const units = useUnits();
  const view = useCloser();
  const [hook, setHook] = useState(true);
  const [list, setList] = useState(false);
  const [open, setOpen] = useState(false);
  const pair = Boolean(plan.drawing.hook?.leaf);
  return (
    <>
      {plan.chosen ? (
        <WreathStage
          drawing={plan.drawing}
          dusk={dusk}
          units={units}
          describe={describe(plan, units)}
          hook={hook}
          layout={LAYOUTS[plan.settings.layers.layout]}
          handles={handles}
          swung={open && pair ? { depth: plan.settings.size.depth_m } : null}
          closer={view.closer}
          onCloser={view.setCloser}
        />
      ) : (
        <Unmeasured
          what={plan.drawing.host.host === "lying" ? "candle or lantern" : HOST_NAMES[plan.drawing.host.host]}
        >
          Type its width below, and the wreath that fits is drawn here to scale.
        </Unmeasured>
      )}
      <StageTools>
        <DuskTool />
        {plan.chosen && <CloserTool {...view} whole="All of it" />}
        {plan.drawing.hook?.held && (
          <StageTool startIcon={<PushPinOutlined />} aria-pressed={hook} onClick={() => setHook(!hook)}>
            {hook ? "Hide hook" : "Hook"}
          </StageTool>
        )}
        {pair && (
          <StageTool startIcon={<MeetingRoomOutlined />} aria-pressed={open} onClick={() => setOpen(!open)}>
            {open ? "Close the leaf" : "Open the leaf"}
          </StageTool>
        )}
        <StageTool startIcon={<FormatListBulleted />} disabled={!plan.chosen} onClick={() => setList(true)}>
          Round the clock
        </StageTool>
      </StageTools>
      {list && <RingList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
