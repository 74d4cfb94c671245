import type { Schemas } from "../../../api/client";
import type { PieceOf } from "../../../kinds/kind";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import { AccentsStep } from "./AccentsStep";
import { AnchorsStep } from "./AnchorsStep";
import { BodyStep } from "./BodyStep";
import { LightsStep } from "./LightsStep";
import { MantelStep } from "./MantelStep";
import { MeasureStep } from "./MeasureStep";
import { RibbonStep } from "./RibbonStep";
import { RiseAndTrailStep } from "./RiseAndTrailStep";
import { StepBackStep } from "./StepBackStep";

export type StepId = Schemas["RunPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  measure: "Measure",
  anchors: "Anchors",
  body: "Body",
  rise_and_trail: "Rise and trail",
  lights: "Lights",
  accents: "Accents",
  ribbon: "Ribbon",
  mantel: "Shelf",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"run">;
  plan: Schemas["RunPlan"];
  piece: PieceOf<"run">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  measure: MeasureStep,
  anchors: AnchorsStep,
  body: BodyStep,
  rise_and_trail: RiseAndTrailStep,
  lights: LightsStep,
  accents: AccentsStep,
  ribbon: RibbonStep,
  mantel: MantelStep,
  step_back: StepBackStep,
});
