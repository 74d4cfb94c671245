import type { ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import { BuildStep } from "./BuildStep";
import { FillStep } from "./FillStep";
import { SnowStep } from "./SnowStep";
import { SiteStep } from "./SiteStep";
import { StepBackStep } from "./StepBackStep";
import { SurfaceStep } from "./SurfaceStep";

export type StepId = Schemas["GroupingPlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  surface: "Surface",
  site: "Site",
  build: "Build",
  fill: "Fill",
  snow: "Snow",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"grouping">;
  plan: Schemas["GroupingPlan"];
  piece: PieceOf<"grouping">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

const DIALS: Record<StepId, (props: StepProps) => ReactNode> = {
  surface: SurfaceStep,
  site: SiteStep,
  build: BuildStep,
  fill: FillStep,
  snow: SnowStep,
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
