import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ArtStep } from "./ArtStep";
import { ScentStep } from "./ScentStep";
import { SoftStep } from "./SoftStep";
import { StepBackStep } from "./StepBackStep";

export type StepId = Schemas["SwapsPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  soft: "Soft",
  art: "Pictures",
  scent: "Scent",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"swaps">;
  plan: Schemas["SwapsPlan"];
  piece: PieceOf<"swaps">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  soft: SoftStep,
  art: ArtStep,
  scent: ScentStep,
  step_back: StepBackStep,
});
