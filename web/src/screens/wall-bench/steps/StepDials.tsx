import type { ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ProblemAlert } from "../../../parts/ProblemAlert";
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

const DIALS: Record<StepId, (props: StepProps) => ReactNode> = {
  wall: WallStep,
  wreaths: WreathsStep,
  arrange: ArrangeStep,
  hang: HangStep,
  greens: GreensStep,
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
