import { useDeferredValue, useMemo, useState } from "react";
import { useStyles } from "../../api/queries";
import { BenchDialogs } from "../../bench/BenchDialogs";
import { BenchLayout } from "../../bench/BenchLayout";
import { ColoursBand } from "../../bench/ColoursBand";
import { BenchStrip } from "../../bench/BenchStrip";
import { Ledger } from "../../bench/Ledger";
import { StepTabs, worst } from "../../bench/StepTabs";
import { Unplanned } from "../../bench/Unplanned";
import { UnreadNotice } from "../../bench/UnreadNotice";
import { useBench } from "../../bench/useBench";
import { useKeepHooks } from "../../bench/useKeepHooks";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import { WorkingsProvider } from "../../bench/workings";
import type { Rearranging } from "../../drawing/wall/RingHandles";
import type { PieceOf } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";
import { WallPane } from "./WallPane";

/** The bench of a wall of wreaths: the wall to scale, where each hangs, steps and ledger. */
export function WallScreen({ piece }: { piece: PieceOf<"wall"> }) {
  const bench = useBench<"wall">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.wall.width_m === null ? "wall" : "arrange");
  const style = useStyleOpen(styles);
  const steps = bench.plan?.steps ?? [];
  const { plan, draft, dial } = bench;
  // As on the other benches: figures first, then the picture.
  const pictured = useDeferredValue(plan, null);
  const { gap_m } = draft.settings.arrange;
  const least = plan?.assumed.gap_m ?? 0;
  const middle = plan?.figures.middle ? Number(plan.figures.middle.value) : null;

  const rearranging = useMemo<Rearranging | null>(() => {
    if (middle === null) return null;
    const now = { gap_m: gap_m ?? least, middle_m: middle };
    return { now, least_m: least, onChange: (arranged) => dial("arrange", arranged) };
  }, [gap_m, least, middle, dial]);

  useBenchKeys({ bench, steps, onStep: setStep });
  const keepHooks = useKeepHooks(piece, !plan?.chosen);

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <WorkingsProvider pieceId={piece.id} dialled={draft}>
      <BenchStrip
        piece={piece}
        bench={bench}
        noun={KINDS.wall.noun}
        entries={[
          { label: "Nail map as PDF", href: `/api/pieces/${piece.id}/wreath-sheet.pdf`, disabled: !plan.chosen },
          { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/wreath-sheet.svg`, disabled: !plan.chosen },
          keepHooks,
        ]}
      />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<WallPane plan={pictured} rearranging={rearranging} />}
        colours={<ColoursBand colours={plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />}
        ledger={
          <Ledger
            plan={plan}
            empty="Measure the wall and every line follows."
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
      <BenchDialogs<"wall"> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
