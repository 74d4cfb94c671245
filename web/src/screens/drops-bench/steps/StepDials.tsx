import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { DropsStep } from "./DropsStep";
import { HangStep } from "./HangStep";
import { PlaceStep } from "./PlaceStep";
import { StepBackStep } from "./StepBackStep";
import { ThingsStep } from "./ThingsStep";

export type StepId = Schemas["DropsPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  place: "Place",
  drops: "Drops",
  things: "Things",
  hang: "Hang",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"drops">;
  plan: Schemas["DropsPlan"];
  piece: PieceOf<"drops">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  place: PlaceStep,
  drops: DropsStep,
  things: ThingsStep,
  hang: HangStep,
  step_back: StepBackStep,
});
