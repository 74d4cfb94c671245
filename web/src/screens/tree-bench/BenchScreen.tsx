import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { useStyles } from "../../api/queries";
import { BenchDialogs } from "../../bench/BenchDialogs";
import { BenchLayout } from "../../bench/BenchLayout";
import { ColoursBand } from "../../bench/ColoursBand";
import { Ledger } from "../../bench/Ledger";
import type { PieceOf } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { StepTabs, worst } from "../../bench/StepTabs";
import { Unplanned } from "../../bench/Unplanned";
import { UnreadNotice } from "../../bench/UnreadNotice";
import { WorkingsProvider } from "../../bench/workings";
import { drawnStyles } from "../../drawing/tree/drawnStyles";
import { createTurn } from "../../drawing/tree/turn";
import { BenchStrip } from "../../bench/BenchStrip";
import { Stage } from "./Stage";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import { useStepBack } from "./useStepBack";

/** The bench itself: strip, drawing, steps and ledger around one tree. */
export function BenchScreen({ piece }: { piece: PieceOf<"tree"> }) {
  const bench = useBench<"tree">(piece);
  const navigate = useNavigate();
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.measure.height_m === null ? "measure" : "ornaments");
  const style = useStyleOpen(styles);
  const [turn] = useState(createTurn);
  const pictured = usePictured(bench.plan);
  const look = useStepBack(piece.id, bench.draft, step === "step_back");
  const steps = bench.plan?.steps ?? [];
  const chosen = bench.draft.settings.ornaments.styles;
  const drawn = useMemo(() => drawnStyles(styles ?? [], chosen), [styles, chosen]);

  const entries = useMemo(
    () => [
      { label: "Hanging map", run: () => void navigate(`/pieces/${piece.id}/map`) },
      { label: "Cut plan", run: () => void navigate(`/pieces/${piece.id}/cuts`) },
    ],
    [navigate, piece.id],
  );

  const names = useMemo(() => new Map(styles?.map((style) => [style.id, style.name])), [styles]);

  useBenchKeys({
    bench,
    steps,
    onStep: setStep,
    more: [
      { keys: "[", says: "Turn the tree to the left", run: () => turn.by(-15) },
      { keys: "]", says: "Turn the tree to the right", run: () => turn.by(15) },
    ],
  });

  if (!bench.plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <WorkingsProvider pieceId={piece.id} dialled={bench.draft}>
      <BenchStrip piece={piece} bench={bench} noun={KINDS.tree.noun} entries={entries} />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<Stage plan={pictured} styles={drawn} turn={turn} names={names} pieceId={piece.id} look={look.found} />}
        colours={
          <ColoursBand colours={bench.plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />
        }
        ledger={
          <Ledger
            plan={bench.plan}
            empty="Choose a tree and every line follows."
            step={step}
            onStock={style.countAgain}
            onClaims={style.claims}
          />
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
              onNewStyle={style.add}
            />
          </StepTabs>
        }
      />
      <BenchDialogs<"tree"> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
