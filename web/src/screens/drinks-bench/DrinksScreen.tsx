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
import { DrinksPane } from "./DrinksPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

/** The bench of a drink corner: drawn to scale, steps and ledger. */
export function DrinksScreen({ piece }: { piece: PieceOf<"drinks"> }) {
  const bench = useBench<"drinks">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.place.length_m === null ? "place" : "jars");
  const style = useStyleOpen(styles);
  const { plan } = bench;
  const pictured = usePictured(plan);

  useBenchKeys({ bench, steps: plan?.steps ?? [], onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"drinks", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[sheetOf(piece, plan)]}
      stage={<DrinksPane plan={pictured} />}
      empty={plan.chosen ? "What stands there is listed here." : "Measure the place and every line follows."}
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
