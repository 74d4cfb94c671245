import { useState } from "react";
import { useStyles } from "../../api/queries";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { sheetOf } from "../../bench/sheetOf";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import type { PieceOf } from "../../kinds/kind";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";
import { SwapsPane } from "./SwapsPane";

/** The bench of what is swapped in a room: soft things, pictures, scents; steps and ledger. */
export function SwapsScreen({ piece }: { piece: PieceOf<"swaps"> }) {
  const bench = useBench<"swaps">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>("soft");
  const style = useStyleOpen(styles);
  const { plan } = bench;
  const pictured = usePictured(plan);

  useBenchKeys({ bench, steps: plan?.steps ?? [], onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"swaps", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[sheetOf(piece, plan)]}
      stage={<SwapsPane plan={pictured} meant={step === "art" ? "frames" : "soft"} />}
      empty="What comes in is listed here."
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
