import { useCallback, useMemo, useState } from "react";
import type { Schemas } from "../../api/client";
import { useStyles } from "../../api/queries";
import { useLight } from "../../app/light";
import { BenchLayout } from "../../bench/BenchLayout";
import { BenchStrip } from "../../bench/BenchStrip";
import { differences } from "../../bench/differences";
import type { PieceOf } from "../../bench/kinds";
import { Ledger } from "../../bench/Ledger";
import { StepTabs, worst } from "../../bench/StepTabs";
import { StyleDialog } from "../../bench/StyleDialog";
import { useBench } from "../../bench/useBench";
import { WorkingsProvider } from "../../bench/workings";
import { ConflictDialog } from "../../parts/ConflictDialog";
import { Loading } from "../../parts/Loading";
import { useKeys } from "../../shell/shortcuts";
import { AnchorTable } from "./AnchorTable";
import { outlineHandles } from "./outlineHandles";
import { RunPane } from "./RunPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

/** The bench of a greenery run: drawing, steps, ledger and where it hangs. */
export function RunScreen({ piece }: { piece: PieceOf<"run"> }) {
  const bench = useBench<"run">(piece);
  const styles = useStyles().data;
  const { toggleDusk } = useLight();
  const [step, setStep] = useState<StepId>("measure");
  const [styleOpen, setStyleOpen] = useState<{ id?: string; kind: Schemas["Style"]["kind"] } | null>(null);
  const steps = bench.plan?.steps ?? [];
  const { plan, draft, dial } = bench;

  const countAgain = useCallback(
    (id: string) => setStyleOpen({ id, kind: styles?.find((style) => style.id === id)?.kind ?? "garland" }),
    [styles],
  );
  const handles = useMemo(
    () =>
      step === "rise_and_trail" && plan
        ? outlineHandles(draft.settings, plan, (part) => dial("rise_and_trail", part))
        : [],
    [step, plan, draft.settings, dial],
  );

  useKeys([
    {
      keys: "1 2 3 4 5 6 7 8 9",
      says: "To a step of the order of work",
      run: (key) => setStep(steps[Number(key) - 1] ?? step),
    },
    { keys: "n", says: "Dusk and day", run: toggleDusk },
    {
      keys: "w",
      says: "Working of the figure in focus",
      run: () => {
        const focused = document.activeElement;
        if (focused instanceof HTMLElement && focused.dataset.sheet) focused.click();
      },
    },
    { keys: "u", says: "Undo", run: () => void bench.undo() },
    { keys: "U", says: "Redo", run: () => void bench.redo() },
  ]);

  if (!plan || !styles) return <Loading what="the plan" />;
  return (
    <WorkingsProvider sheets={plan.sheets}>
      <BenchStrip
        piece={piece}
        bench={bench}
        noun="run"
        entries={[
          { label: "Run sheet as PDF", href: `/api/pieces/${piece.id}/run-sheet.pdf`, disabled: !plan.chosen },
          { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/run-sheet.svg`, disabled: !plan.chosen },
        ]}
      />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<RunPane plan={plan} step={step} handles={handles} />}
        ledger={
          <Ledger plan={plan} empty="Measure the run and every line follows." step={step} onStock={countAgain}>
            <AnchorTable plan={plan} />
          </Ledger>
        }
        steps={
          <StepTabs
            steps={steps.map((id) => ({ id, label: STEP_LABELS[id], worst: worst(plan.cautions, id) }))}
            current={step}
            onChange={setStep}
          >
            <StepDials
              step={step}
              bench={bench}
              plan={plan}
              piece={piece}
              styles={styles}
              onNewStyle={(kind) => setStyleOpen({ kind })}
            />
          </StepTabs>
        }
      />
      {styleOpen && (
        <StyleDialog
          style={styles.find((style) => style.id === styleOpen.id)}
          kind={styleOpen.kind}
          onClose={() => setStyleOpen(null)}
        />
      )}
      {bench.theirs && (
        <ConflictDialog
          rows={differences<"run">(draft, bench.theirs, piece.places, styles)}
          keepMine={() => void bench.keepMine()}
          takeTheirs={bench.takeTheirs}
        />
      )}
    </WorkingsProvider>
  );
}
