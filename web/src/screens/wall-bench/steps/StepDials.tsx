import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { GreensStep } from "../../wreath-bench/steps/GreensStep";
import { LayersStep } from "../../wreath-bench/steps/LayersStep";
import { LightsStep } from "../../wreath-bench/steps/LightsStep";
import { StarStep } from "../../wreath-bench/steps/StarStep";
import { ArrangeStep } from "./ArrangeStep";
import { HangStep } from "./HangStep";
import { StepBackStep } from "./StepBackStep";
import { WallStep } from "./WallStep";
import { WreathsStep } from "./WreathsStep";

export type StepId = Schemas["WallPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  wall: "Wall",
  wreaths: "Wreaths",
  arrange: "Arrange",
  hang: "Hang",
  greens: "Greens",
  layers: "Layers",
  star: "Star",
  lights: "Lights",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"wall">;
  plan: Schemas["WallPlan"];
  piece: PieceOf<"wall">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  wall: WallStep,
  wreaths: WreathsStep,
  arrange: ArrangeStep,
  hang: HangStep,
  greens: GreensStep,
  layers: LayersStep,
  star: StarStep,
  lights: LightsStep,
  step_back: StepBackStep,
});
