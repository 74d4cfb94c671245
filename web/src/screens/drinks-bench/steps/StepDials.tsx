import type { ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ProblemAlert } from "../../../parts/ProblemAlert";
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

const DIALS: Record<StepId, (props: StepProps) => ReactNode> = {
  place: PlaceStep,
  jars: JarsStep,
  dress: DressStep,
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
