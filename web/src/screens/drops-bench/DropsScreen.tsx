import { useDeferredValue, useState } from "react";
import { useStyles } from "../../api/queries";
import { BenchDialogs } from "../../bench/BenchDialogs";
import { BenchLayout } from "../../bench/BenchLayout";
import { BenchStrip } from "../../bench/BenchStrip";
import { ColoursBand } from "../../bench/ColoursBand";
import { Ledger } from "../../bench/Ledger";
import { StepTabs, worst } from "../../bench/StepTabs";
import { Unplanned } from "../../bench/Unplanned";
import { UnreadNotice } from "../../bench/UnreadNotice";
import { useBench } from "../../bench/useBench";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import { WorkingsProvider } from "../../bench/workings";
import type { PieceOf } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { DropsPane } from "./DropsPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

/** The bench of hanging things: every line to scale, steps and ledger. */
export function DropsScreen({ piece }: { piece: PieceOf<"drops"> }) {
  const bench = useBench<"drops">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.place.length_m === null ? "place" : "drops");
  const style = useStyleOpen(styles);
  const steps = bench.plan?.steps ?? [];
  const { plan, draft } = bench;
  // As on the other benches: figures first, then the picture.
  const pictured = useDeferredValue(plan, null);
  useBenchKeys({ bench, steps, onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <WorkingsProvider pieceId={piece.id} dialled={draft}>
      <BenchStrip piece={piece} bench={bench} noun={KINDS.drops.noun} entries={[]} />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<DropsPane plan={pictured} />}
        colours={<ColoursBand colours={plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />}
        ledger={
          <Ledger
            plan={plan}
            empty="Measure the place and every line follows."
            step={step}
            onStock={style.countAgain}
            onClaims={style.claims}
          />
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
      <BenchDialogs<"drops"> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
