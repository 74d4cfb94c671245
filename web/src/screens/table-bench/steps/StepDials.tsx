import type { Schemas } from "../../../api/client";
import { stepDials } from "../../../bench/stepDials";
import type { Bench } from "../../../bench/useBench";
import type { PieceOf } from "../../../kinds/kind";
import { CentreStep } from "./CentreStep";
import { RunnerStep } from "./RunnerStep";
import { SettingStep } from "./SettingStep";
import { StepBackStep } from "./StepBackStep";
import { TableStep } from "./TableStep";

export type StepId = Schemas["TablePlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  table: "Table",
  runner: "Runner",
  setting: "At each place",
  centre: "Middle",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench<"table">;
  plan: Schemas["TablePlan"];
  piece: PieceOf<"table">;
  styles: Schemas["Style"][];
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

export const StepDials = stepDials<StepId, StepProps>({
  table: TableStep,
  runner: RunnerStep,
  setting: SettingStep,
  centre: CentreStep,
  step_back: StepBackStep,
});
