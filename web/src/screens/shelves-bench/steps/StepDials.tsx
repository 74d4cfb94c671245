import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ColoursStep } from "./ColoursStep";
import { DressStep } from "./DressStep";
import { GarlandStep } from "./GarlandStep";
import { StepBackStep } from "./StepBackStep";
import { UnitStep } from "./UnitStep";

export type StepId = Schemas["ShelvesPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  unit: "Unit",
  dress: "Dress",
  colours: "Colours",
  garland: "Garland",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"shelves">;
  plan: Schemas["ShelvesPlan"];
  piece: PieceOf<"shelves">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  unit: UnitStep,
  dress: DressStep,
  colours: ColoursStep,
  garland: GarlandStep,
  step_back: StepBackStep,
});
