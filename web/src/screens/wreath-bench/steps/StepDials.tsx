import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { GreensStep } from "./GreensStep";
import { HangStep } from "./HangStep";
import { LayersStep } from "./LayersStep";
import { LightsStep } from "./LightsStep";
import { PlaceStep } from "./PlaceStep";
import { SizeStep } from "./SizeStep";
import { Start } from "./Start";
import { StarStep } from "./StarStep";
import { StepBackStep } from "./StepBackStep";

export type StepId = Schemas["WreathPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  place: "Place",
  size: "Size",
  hang: "Hang",
  greens: "Greens",
  layers: "Layers",
  star: "Star",
  lights: "Lights",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"wreath">;
  plan: Schemas["WreathPlan"];
  piece: PieceOf<"wreath">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  place: PlaceStep,
  size: SizeStep,
  hang: HangStep,
  greens: (props) => <GreensStep {...props} advice={<Start {...props} />} />,
  layers: LayersStep,
  star: StarStep,
  lights: LightsStep,
  step_back: StepBackStep,
});
