import { useDeferredValue, useMemo, useState } from "react";
import { useStyles } from "../../api/queries";
import { BenchDialogs } from "../../bench/BenchDialogs";
import { BenchLayout } from "../../bench/BenchLayout";
import { ColoursBand } from "../../bench/ColoursBand";
import { BenchStrip } from "../../bench/BenchStrip";
import type { PieceOf } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { Ledger } from "../../bench/Ledger";
import { StepTabs, worst } from "../../bench/StepTabs";
import { useBench } from "../../bench/useBench";
import { useKeepHooks } from "../../bench/useKeepHooks";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import { Unplanned } from "../../bench/Unplanned";
import { UnreadNotice } from "../../bench/UnreadNotice";
import { WorkingsProvider } from "../../bench/workings";
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
  // As on the tree's bench: figures first, then the picture.
  const pictured = useDeferredValue(plan, null);

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
    <WorkingsProvider pieceId={piece.id} dialled={draft}>
      <BenchStrip
        piece={piece}
        bench={bench}
        noun={KINDS.run.noun}
        entries={[
          { label: "Run sheet as PDF", href: `/api/pieces/${piece.id}/run-sheet.pdf`, disabled: !plan.chosen },
          { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/run-sheet.svg`, disabled: !plan.chosen },
          keepHooks,
        ]}
      />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<RunPane plan={pictured} step={step} handles={handles} />}
        colours={<ColoursBand colours={plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />}
        ledger={
          <Ledger
            plan={plan}
            empty="Measure the run and every line follows."
            step={step}
            onStock={style.countAgain}
            onClaims={style.claims}
          >
            <AnchorTable plan={plan} />
          </Ledger>
        }
        steps={
          <StepTabs
            steps={steps.map((id) => ({ id, label: STEP_LABELS[id], worst: worst(plan.cautions, id) }))}
            current={step}
            onChange={setStep}
          >
            <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
          </StepTabs>
        }
      />
      <BenchDialogs<"run"> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
