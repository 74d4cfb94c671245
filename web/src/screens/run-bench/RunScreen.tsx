import { useMemo, useState } from "react";
import { useStyles } from "../../api/queries";
import type { PieceOf } from "../../kinds/kind";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useKeepHooks } from "../../bench/useKeepHooks";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { AnchorTable } from "./AnchorTable";
import type { Handle } from "../../drawing/run/OutlineHandles";
import { outlineHandles } from "./outlineHandles";
import { RunPane } from "./RunPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

const NO_HANDLES: Handle[] = [];

/** The bench of a greenery run: drawing, steps, ledger and where it hangs. */
export function RunScreen({ piece }: { piece: PieceOf<"run"> }) {
  const bench = useBench<"run">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>("measure");
  const style = useStyleOpen(styles);
  const steps = bench.plan?.steps ?? [];
  const { plan, draft, dial } = bench;
  const pictured = usePictured(plan);

  const handles = useMemo(
    () =>
      step === "rise_and_trail" && plan
        ? outlineHandles(draft.settings, plan, (part) => dial("rise_and_trail", part))
        : NO_HANDLES,
    [step, plan, draft.settings, dial],
  );

  useBenchKeys({ bench, steps, onStep: setStep });
  const keepHooks = useKeepHooks(piece, !plan?.chosen);

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"run", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[
        { label: "Run sheet as PDF", href: `/api/pieces/${piece.id}/run-sheet.pdf`, disabled: !plan.chosen },
        { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/run-sheet.svg`, disabled: !plan.chosen },
        keepHooks,
      ]}
      stage={<RunPane plan={pictured} step={step} handles={handles} />}
      empty="Measure the run and every line follows."
      underLedger={<AnchorTable plan={plan} />}
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
