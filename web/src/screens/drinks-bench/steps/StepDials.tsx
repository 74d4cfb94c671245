import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { DressStep } from "./DressStep";
import { PlaceStep } from "./PlaceStep";
import { StepBackStep } from "./StepBackStep";
import { JarsStep } from "./JarsStep";

export type StepId = Schemas["DrinksPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  place: "Place",
  jars: "Jars",
  dress: "Dress",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"drinks">;
  plan: Schemas["DrinksPlan"];
  piece: PieceOf<"drinks">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  place: PlaceStep,
  jars: JarsStep,
  dress: DressStep,
  step_back: StepBackStep,
});
