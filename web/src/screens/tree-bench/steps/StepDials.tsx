import type { Schemas } from "../../../api/client";
import type { PieceOf, PlanOf } from "../../../kinds/kind";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { StepBackLook } from "../useStepBack";
import { CrownStep } from "./CrownStep";
import { FootStep } from "./FootStep";
import { LightsStep } from "./LightsStep";
import { MeasureStep } from "./MeasureStep";
import { OrnamentsStep } from "./OrnamentsStep";
import { PicksStep } from "./PicksStep";
import { RibbonStep } from "./RibbonStep";
import { StepBackStep } from "./StepBackStep";

export type StepId = Schemas["TreePlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  measure: "Measure",
  lights: "Lights",
  crown: "Crown",
  ribbon: "Ribbon",
  ornaments: "Ornaments",
  picks: "Picks",
  foot: "Foot",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"tree">;
  plan: PlanOf<"tree">;
  piece: PieceOf<"tree">;
  styles: Schemas["Style"][];
  look: StepBackLook;
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  measure: MeasureStep,
  lights: LightsStep,
  crown: CrownStep,
  ribbon: RibbonStep,
  ornaments: OrnamentsStep,
  picks: PicksStep,
  foot: FootStep,
  step_back: StepBackStep,
});
