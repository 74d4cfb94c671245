import ChevronLeft from "@mui/icons-material/ChevronLeft";
import ChevronRight from "@mui/icons-material/ChevronRight";
import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import MapOutlined from "@mui/icons-material/MapOutlined";
import Button from "@mui/material/Button";
import ButtonGroup from "@mui/material/ButtonGroup";
import { memo, useMemo, useState } from "react";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import { CloserTool, useCloser } from "../../bench/CloserTool";
import { DuskTool, StageTool, StageTools, useToolLook } from "../../bench/StageTools";
import type { DrawnStyle } from "../../drawing/shared/paintOrnament";
import type { Ghost } from "../../drawing/tree/GhostTree";
import { TreeStage } from "../../drawing/tree/TreeStage";
import type { Turn } from "../../drawing/tree/turn";
import { area, clockPosition, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { TierList } from "./TierList";

const SEEN: Record<Schemas["Place"]["stance"], string> = {
  corner: "in a corner",
  wall: "against a wall",
  bay: "in a bay window",
  open: "standing free",
};

function describe(plan: Schemas["TreePlan"], units: Units): string {
  const { tree, room, ornaments, bulbs } = plan.drawing;
  if (!tree)
    return `The place without a tree yet${plan.best_size.height_m ? `; ${length(plan.best_size.height_m, units)} fits best` : ""}`;
  const verdict =
    plan.figures.height_verdict?.value === "ok"
      ? "fits under the ceiling"
      : String(plan.figures.height_verdict?.value).replaceAll("_", " ");
  return `Tree of ${length(tree.height_m, units)}, ${length(tree.spread_m, units)} wide, ${SEEN[room.stance]}, ${verdict}, ${length(tree.tip_gap_m, units)} free above the tip. ${ornaments?.length ?? 0} ornaments, ${bulbs?.count ?? 0} bulbs. The tier list tells them row by row.`;
}

function ghostOf(plan: Schemas["TreePlan"]): Ghost | null {
  const best = plan.best_size.sizes.find((size) => size.height_m === plan.best_size.height_m);
  return best ? { height: best.height_m, spread: best.spread_m, hem: best.hem_m } : null;
}

interface Props {
  pieceId: string;
  /** What stepping back found; drawn over the tree while one steps back. */
  look: Schemas["StepBack"] | undefined;
  plan: Schemas["TreePlan"];
  styles: Map<string, DrawnStyle>;
  names: Map<string, string>;
  turn: Turn;
}

/** The drawing with its few tools: turn, day or dusk, the same as a list. */
export const Stage = memo(function Stage({ pieceId, plan, look, styles, names, turn }: Props) {
  const { dusk } = useLight();
  const units = useUnits();
  const [list, setList] = useState(false);
  const view = useCloser();
  const { room } = plan.drawing;
  const up = look?.up;
  // Looking at what is up, nothing else is drawn.
  const drawing = useMemo(() => {
    if (!up) return plan.drawing;
    const there = new Set(up.map(({ style, number }) => `${style} ${number}`));
    const hung = plan.drawing.ornaments?.filter(({ style, number }) => there.has(`${style} ${number}`));
    return { ...plan.drawing, ...(hung ? { ornaments: hung } : {}) };
  }, [plan.drawing, up]);
  const surface = plan.figures.area;
  const tool = useToolLook();
  return (
    <>
      <TreeStage
        drawing={drawing}
        styles={styles}
        dusk={dusk}
        units={units}
        turn={turn}
        ghost={ghostOf(plan)}
        describe={describe(plan, units)}
        look={look}
        closer={view.closer}
        onCloser={view.setCloser}
        tell={(site) =>
          `${names.get(site.style) ?? "An ornament"} no. ${site.number}: tier ${site.tier} at ${clockPosition(site.clock)}, ${Math.round(site.depth * 100)} % out`
        }
      />
      <StageTools says={`${SEEN[room.stance]}${surface ? ` · ${area(Number(surface.value), units)} dressed` : ""}`}>
        <ButtonGroup size="small" variant="outlined" color="inherit" aria-label="Turn the tree">
          <Button sx={{ ...tool, px: 0.5, minWidth: 34 }} aria-label="Turn to the left" onClick={() => turn.by(-15)}>
            <ChevronLeft fontSize="small" />
          </Button>
          <Button sx={{ ...tool, px: 0.5, minWidth: 34 }} aria-label="Turn to the right" onClick={() => turn.by(15)}>
            <ChevronRight fontSize="small" />
          </Button>
        </ButtonGroup>
        <DuskTool />
        {plan.chosen && <CloserTool {...view} whole="Whole room" />}
        <StageTool startIcon={<FormatListBulleted />} disabled={!plan.chosen} onClick={() => setList(true)}>
          Tiers
        </StageTool>
        {plan.chosen && (
          <StageTool startIcon={<MapOutlined />} component={RouterLink} to={`/pieces/${pieceId}/map`}>
            Map
          </StageTool>
        )}
      </StageTools>
      {list && plan.drawing.tiers && (
        <TierList tiers={plan.drawing.tiers} names={names} onClose={() => setList(false)} />
      )}
    </>
  );
});
