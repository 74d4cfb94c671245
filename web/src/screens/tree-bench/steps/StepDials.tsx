import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { Schemas } from "../../../api/client";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import type { Bench } from "../useBench";
import type { StepBackLook } from "../useStepBack";
import { CrownStep } from "./CrownStep";
import { FootStep } from "./FootStep";
import { LightsStep } from "./LightsStep";
import { MeasureStep } from "./MeasureStep";
import { OrnamentsStep } from "./OrnamentsStep";
import { PicksStep } from "./PicksStep";
import { RibbonStep } from "./RibbonStep";
import { StepBackStep } from "./StepBackStep";

export type StepId = Schemas["TreePlan"]["steps"][number];

/** What the steps are called; in which order they come is the plan's to say. */
export const STEP_LABELS: Record<StepId, string> = {
  measure: "Measure",
  lights: "Lights",
  crown: "Crown",
  ribbon: "Ribbon",
  ornaments: "Ornaments",
  picks: "Picks",
  foot: "Foot",
  step_back: "Step back",
};

export interface StepProps {
  bench: Bench;
  plan: Schemas["TreePlan"];
  piece: Schemas["PieceOnBench"];
  styles: Schemas["Style"][];
  look: StepBackLook;
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}

const DIALS: Record<StepId, (props: StepProps) => ReactNode> = {
  measure: MeasureStep,
  lights: LightsStep,
  crown: CrownStep,
  ribbon: RibbonStep,
  ornaments: OrnamentsStep,
  picks: PicksStep,
  foot: FootStep,
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

/** Dials side by side, as many as fit. */
export function Dials({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: "wrap",
        columnGap: 3,
        rowGap: 1.5,
        alignItems: "flex-start",
        "& > *": { flex: "1 1 170px", minWidth: 0, maxWidth: 240 },
        // Figures and rows of buttons are as wide as what they say.
        "& > .as-wide-as-it-is": { flex: "0 0 auto", maxWidth: "100%" },
        "& > .whole-row": { flex: "1 0 100%", maxWidth: "100%" },
      }}
    >
      {children}
    </Box>
  );
}
