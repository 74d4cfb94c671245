import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import NightlightOutlined from "@mui/icons-material/NightlightOutlined";
import PushPinOutlined from "@mui/icons-material/PushPinOutlined";
import WbSunnyOutlined from "@mui/icons-material/WbSunnyOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { memo, useMemo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import type { Handle } from "../../drawing/OutlineHandles";
import { RunStage } from "../../drawing/RunStage";
import { drawing as shades } from "../../theme/tokens";
import { kilograms, length, percent, type Units } from "../../units/format";
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
  return `Greens on a ${kind}, ${length(Number(run.value), units)} of run, ${kilograms(Number(weight.value))} kg, ${percent(Number(fullness.value))} of the outline wanted${thin.length > 0 ? `, thin from ${thin.join(" and from ")}` : ""}. ${plan.anchors.length} anchors. The layer list tells them one by one.`;
}

/** The drawing of a run with its few tools: day or dusk, anchors, the same as a list. */
export const RunPane = memo(function RunPane({ plan, step, handles }: { plan: Plan; step: string; handles: Handle[] }) {
  const { dusk, toggleDusk } = useLight();
  const units = useUnits();
  const [list, setList] = useState(false);
  const [pinned, setPinned] = useState(true);
  const bodies = useMemo(() => [...new Set(plan.settings.body.bodies.map(({ style }) => style))], [plan]);
  const tool = {
    bgcolor: dusk ? "#2b353b" : "#ffffff",
    color: dusk ? "#f1ecdf" : "#1e2a2f",
    borderColor: dusk ? "#6c7b82" : "#7f8f94",
    "&:hover": { bgcolor: dusk ? "#37434a" : "#f6f4ef" },
  };
  const { run, weight } = plan.figures;
  return (
    <>
      <RunStage
        drawing={plan.drawing}
        bodies={bodies}
        dusk={dusk}
        describe={describe(plan, units)}
        anchors={pinned || step === "anchors"}
        may={plan.figures.may ? Number(plan.figures.may.value) : null}
        handles={handles}
      />
      <Box sx={{ position: "absolute", top: 10, left: 12, display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button
          size="small"
          variant="outlined"
          color="inherit"
          sx={tool}
          startIcon={dusk ? <WbSunnyOutlined /> : <NightlightOutlined />}
          onClick={toggleDusk}
        >
          {dusk ? "Day" : "Dusk"}
        </Button>
        {plan.anchors.length > 0 && (
          <Button
            size="small"
            variant="outlined"
            color="inherit"
            sx={tool}
            startIcon={<PushPinOutlined />}
            aria-pressed={pinned}
            onClick={() => setPinned(!pinned)}
          >
            {pinned ? "Hide anchors" : "Anchors"}
          </Button>
        )}
        <Button
          size="small"
          variant="outlined"
          color="inherit"
          sx={tool}
          startIcon={<FormatListBulleted />}
          disabled={!plan.chosen}
          onClick={() => setList(true)}
        >
          Layers
        </Button>
      </Box>
      {run && weight && (
        <Typography
          variant="body2"
          sx={{
            position: "absolute",
            top: 14,
            right: 14,
            color: shades[dusk ? "dusk" : "day"].label,
            display: { xs: "none", sm: "block" },
          }}
        >
          {length(Number(run.value), units)} run · {kilograms(Number(weight.value))} kg
        </Typography>
      )}
      {list && <LayerList plan={plan} onClose={() => setList(false)} />}
    </>
  );
});
