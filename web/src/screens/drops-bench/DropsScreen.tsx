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
import { DropsPane } from "./DropsPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

/** The bench of hanging things: every line to scale, steps and ledger. */
export function DropsScreen({ piece }: { piece: PieceOf<"drops"> }) {
  const bench = useBench<"drops">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.place.length_m === null ? "place" : "drops");
  const style = useStyleOpen(styles);
  const steps = bench.plan?.steps ?? [];
  const { plan } = bench;
  const pictured = usePictured(plan);
  useBenchKeys({ bench, steps, onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"drops", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[sheetOf(piece, plan)]}
      stage={<DropsPane plan={pictured} />}
      empty="Measure the place and every line follows."
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
