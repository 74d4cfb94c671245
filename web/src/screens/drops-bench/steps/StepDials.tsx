import type { ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ProblemAlert } from "../../../parts/ProblemAlert";
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

const DIALS: Record<StepId, (props: StepProps) => ReactNode> = {
  place: PlaceStep,
  drops: DropsStep,
  things: ThingsStep,
  hang: HangStep,
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
