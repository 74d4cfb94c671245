import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { BuildStep } from "./BuildStep";
import { FillStep } from "./FillStep";
import { SnowStep } from "./SnowStep";
import { SiteStep } from "./SiteStep";
import { StepBackStep } from "./StepBackStep";
import { SurfaceStep } from "./SurfaceStep";

export type StepId = Schemas["GroupingPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  surface: "Surface",
  site: "Site",
  build: "Build",
  fill: "Fill",
  snow: "Snow",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"grouping">;
  plan: Schemas["GroupingPlan"];
  piece: PieceOf<"grouping">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  surface: SurfaceStep,
  site: SiteStep,
  build: BuildStep,
  fill: FillStep,
  snow: SnowStep,
  step_back: StepBackStep,
});
