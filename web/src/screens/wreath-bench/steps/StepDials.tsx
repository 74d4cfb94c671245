import type { ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ProblemAlert } from "../../../parts/ProblemAlert";
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

const DIALS: Record<StepId, (props: StepProps) => ReactNode> = {
  place: PlaceStep,
  size: SizeStep,
  hang: HangStep,
  greens: (props) => <GreensStep {...props} advice={<Start {...props} />} />,
  layers: LayersStep,
  star: StarStep,
  lights: LightsStep,
  step_back: StepBackStep,
};

/** The dials of one step; what the server objected to stands above them and nothing dialled is lost. */
export function StepDials({ step, ...props }: StepProps & { step: StepId }) {
  const Dials = DIALS[step];
  return (
    <>
      <ProblemAlert problem={props.bench.problem} />
      <Dials {...props} />
    </>
  );
}
