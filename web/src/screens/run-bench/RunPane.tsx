import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import PushPinOutlined from "@mui/icons-material/PushPinOutlined";
import { memo, useMemo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, StageTool, StageTools } from "../../bench/StageTools";
import { Unmeasured } from "../../bench/Unmeasured";
import type { Handle } from "../../drawing/run/OutlineHandles";
import { RunStage } from "../../drawing/run/RunStage";
import { counted, mass, length, percent, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { LayerList } from "./LayerList";

type Plan = Schemas["RunPlan"];

export const KIND_NAMES: Record<Plan["drawing"]["kind"], string> = {
  mantel: "mantel",
  ledge: "ledge",
  rail: "stair rail",
  frame: "door or window frame",
  mirror: "mirror",
  rod: "curtain rod",
  ring: "ring",
  opening: "opening on a rod",
  table: "table centre",
};

function describe(plan: Plan, units: Units): string {
  const { run, fullness, weight } = plan.figures;
  const kind = KIND_NAMES[plan.drawing.kind];
  if (!plan.chosen || !run || !fullness || !weight) return `A ${kind}, not measured yet`;
  const thin = (plan.drawing.thin ?? []).map((part) => `${length(part.from_m, units)} to ${length(part.to_m, units)}`);
  return `Greens on a ${kind}, ${length(Number(run.value), units)} of run, ${mass(Number(weight.value), units)}, ${percent(Number(fullness.value))} of the outline wanted${thin.length > 0 ? `, thin from ${thin.join(" and from ")}` : ""}. ${counted(plan.anchors.length, "anchor")}. The layer list tells them one by one.`;
}

function measureOf(kind: Plan["drawing"]["kind"]): string {
  return kind === "rail" ? "the going of the stair" : kind === "ring" ? "its diameter" : "its length";
}

/** The drawing of a run with its few tools: day or dusk, anchors, the same as a list. */
export const RunPane = memo(function RunPane({ plan, step, handles }: { plan: Plan; step: string; handles: Handle[] }) {
  const { dusk } = useLight();
  const units = useUnits();
  const [list, setList] = useState(false);
  const view = useCloser();
  const [pinned, setPinned] = useState(true);
  const bodies = useMemo(() => [...new Set(plan.settings.body.bodies.map(({ style }) => style))], [plan]);
  const { run, weight } = plan.figures;
  return (
    <>
      <RunStage
        drawing={plan.drawing}
        bodies={bodies}
        dusk={dusk}
        units={units}
        describe={describe(plan, units)}
        anchors={pinned || step === "anchors"}
        may={plan.figures.may ? Number(plan.figures.may.value) : null}
        handles={handles}
        closer={view.closer}
        onCloser={view.setCloser}
      />
      {!plan.chosen && (
        <Unmeasured what={KIND_NAMES[plan.drawing.kind]}>
          Type {measureOf(plan.drawing.kind)} below, and it is drawn here to scale.
        </Unmeasured>
      )}
      <StageTools
        says={
          run && weight ? `${length(Number(run.value), units)} run · ${mass(Number(weight.value), units)}` : undefined
        }
      >
        <DuskTool />
        {plan.chosen && <CloserTool {...view} whole="All of it" />}
        {plan.anchors.length > 0 && (
          <StageTool startIcon={<PushPinOutlined />} aria-pressed={pinned} onClick={() => setPinned(!pinned)}>
            {pinned ? "Hide anchors" : "Anchors"}
          </StageTool>
        )}
        <StageTool startIcon={<FormatListBulleted />} disabled={!plan.chosen} onClick={() => setList(true)}>
          Layers
        </StageTool>
      </StageTools>
      {list && <LayerList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
