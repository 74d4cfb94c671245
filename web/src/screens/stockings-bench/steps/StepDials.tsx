import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { FillStep } from "./FillStep";
import { HangStep } from "./HangStep";
import { PlaceStep } from "./PlaceStep";
import { StepBackStep } from "./StepBackStep";
import { StockingsStep } from "./StockingsStep";

export type StepId = Schemas["StockingsPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  place: "Place",
  stockings: "Stockings",
  fill: "Fill",
  hang: "Hang",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"stockings">;
  plan: Schemas["StockingsPlan"];
  piece: PieceOf<"stockings">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  place: PlaceStep,
  stockings: StockingsStep,
  fill: FillStep,
  hang: HangStep,
  step_back: StepBackStep,
});
