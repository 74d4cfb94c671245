import { useCallback, useState } from "react";
import { useStyles } from "../../api/queries";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { sheetOf } from "../../bench/sheetOf";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import type { Bay, ShelfThing } from "../../drawing/shelves/shelvesViews";
import type { PieceOf } from "../../kinds/kind";
import { ShelvesPane } from "./ShelvesPane";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";

/** The bench of shelves: their bays to scale, what stands in them, steps and ledger. */
export function ShelvesScreen({ piece }: { piece: PieceOf<"shelves"> }) {
  const bench = useBench<"shelves">(piece);
  const styles = useStyles(piece.id).data;
  const { shape, width_m, tiers } = piece.settings.unit;
  const measured = shape === "tray" ? tiers.length > 0 : width_m !== null;
  const [step, setStep] = useState<StepId>(measured ? "dress" : "unit");
  const style = useStyleOpen(styles);
  const { plan, draft, dial } = bench;
  const pictured = usePictured(plan);
  const { standing } = draft.settings.dress;

  const move = useCallback(
    (thing: ShelfThing, to: Bay) =>
      dial("dress", {
        standing: standing.map((said, i) => (i === thing.number - 1 ? { ...said, bay: to.number } : said)),
      }),
    [dial, standing],
  );

  useBenchKeys({ bench, steps: plan?.steps ?? [], onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"shelves", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[sheetOf(piece, plan)]}
      stage={<ShelvesPane plan={pictured} threads={step === "colours"} onMove={move} />}
      empty={plan.chosen ? "What stands there is listed here." : "Measure the unit and every line follows."}
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
