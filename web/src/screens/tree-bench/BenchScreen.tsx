import { useCallback, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useStyles } from "../../api/queries";
import { useLight } from "../../app/light";
import { BenchLayout } from "../../bench/BenchLayout";
import { Ledger } from "../../bench/Ledger";
import type { PieceOf } from "../../bench/kinds";
import { StepTabs, worst } from "../../bench/StepTabs";
import { WorkingsProvider } from "../../bench/workings";
import { drawnStyles } from "../../drawing/drawnStyles";
import { createTurn } from "../../drawing/turn";
import { ConflictDialog } from "../../parts/ConflictDialog";
import { Loading } from "../../parts/Loading";
import { useKeys } from "../../shell/shortcuts";
import { BenchStrip } from "../../bench/BenchStrip";
import { differences } from "../../bench/differences";
import { Stage } from "./Stage";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";
import { StyleDialog } from "../../bench/StyleDialog";
import { useBench } from "../../bench/useBench";
import { useStepBack } from "./useStepBack";

/** The bench itself: strip, drawing, steps and ledger around one tree. */
export function BenchScreen({ piece }: { piece: PieceOf<"tree"> }) {
  const bench = useBench<"tree">(piece);
  const navigate = useNavigate();
  const styles = useStyles().data;
  const { toggleDusk } = useLight();
  const [step, setStep] = useState<StepId>(piece.settings.measure.height_m === null ? "measure" : "ornaments");
  const [styleOpen, setStyleOpen] = useState<{ id?: string; kind: Schemas["Style"]["kind"] } | null>(null);
  const [turn] = useState(createTurn);
  const look = useStepBack(piece.id, bench.draft, step === "step_back");
  const steps = bench.plan?.steps ?? [];
  const chosen = bench.draft.settings.ornaments.styles;
  const drawn = useMemo(() => drawnStyles(styles ?? [], chosen), [styles, chosen]);

  const names = useMemo(() => new Map(styles?.map((style) => [style.id, style.name])), [styles]);
  const countAgain = useCallback(
    (id: string) => setStyleOpen({ id, kind: styles?.find((style) => style.id === id)?.kind ?? "ornament" }),
    [styles],
  );

  useKeys([
    {
      keys: "1 2 3 4 5 6 7 8",
      says: "To a step of the order of work",
      run: (key) => setStep(steps[Number(key) - 1] ?? step),
    },
    { keys: "[", says: "Turn the tree to the left", run: () => turn.by(-15) },
    { keys: "]", says: "Turn the tree to the right", run: () => turn.by(15) },
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

  if (!bench.plan || !styles) return <Loading what="the plan" />;
  return (
    <WorkingsProvider sheets={bench.plan.sheets}>
      <BenchStrip
        piece={piece}
        bench={bench}
        noun="tree"
        entries={[
          { label: "Hanging map", run: () => void navigate(`/pieces/${piece.id}/map`) },
          { label: "Cut plan", run: () => void navigate(`/pieces/${piece.id}/cuts`) },
        ]}
      />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={
          <Stage plan={bench.plan} styles={drawn} turn={turn} names={names} pieceId={piece.id} look={look.found} />
        }
        ledger={
          <Ledger plan={bench.plan} empty="Choose a tree and every line follows." step={step} onStock={countAgain} />
        }
        steps={
          <StepTabs
            steps={steps.map((id) => ({ id, label: STEP_LABELS[id], worst: worst(bench.plan?.cautions ?? [], id) }))}
            current={step}
            onChange={setStep}
          >
            <StepDials
              step={step}
              bench={bench}
              plan={bench.plan}
              piece={piece}
              styles={styles}
              look={look}
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
          rows={differences(bench.draft, bench.theirs, piece.places, styles)}
          keepMine={() => void bench.keepMine()}
          takeTheirs={bench.takeTheirs}
        />
      )}
    </WorkingsProvider>
  );
}
