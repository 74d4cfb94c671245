import { useCallback, useDeferredValue, useState } from "react";
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
import type { Thing } from "../../drawing/grouping/groupingViews";
import type { Moved } from "../../drawing/grouping/ThingHandles";
import type { PieceOf } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { GroupingPane } from "./GroupingPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

/** The bench of a grouping: its surface to scale, what stands there, steps and ledger. */
export function GroupingScreen({ piece }: { piece: PieceOf<"grouping"> }) {
  const bench = useBench<"grouping">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.surface.length_m === null ? "surface" : "build");
  const style = useStyleOpen(styles);
  const steps = bench.plan?.steps ?? [];
  const { plan, draft, dial } = bench;
  // As on the other benches: figures first, then the picture.
  const pictured = useDeferredValue(plan, null);
  const { standing } = draft.settings.things;
  const middle = plan?.assumed.site_m ?? null;

  // The vessel that is filled comes after all that stands.
  const move = useCallback(
    (thing: Thing, { left_m, out_m }: Moved) => {
      if (middle === null) return;
      const moved = { at_m: left_m - middle, out_m };
      if (thing.form === "filled") dial("fill", moved);
      else
        dial("things", {
          standing: standing.map((said, i) => (i === thing.number - 1 ? { ...said, ...moved } : said)),
        });
    },
    [dial, middle, standing],
  );

  useBenchKeys({ bench, steps, onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <WorkingsProvider pieceId={piece.id} dialled={draft}>
      <BenchStrip piece={piece} bench={bench} noun={KINDS.grouping.noun} entries={[]} />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<GroupingPane plan={pictured} onMove={move} />}
        colours={<ColoursBand colours={plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />}
        ledger={
          <Ledger
            plan={plan}
            empty="Measure the surface and every line follows."
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
      <BenchDialogs<"grouping"> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
