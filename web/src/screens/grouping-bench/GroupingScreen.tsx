import { useCallback, useState } from "react";
import { useStyles } from "../../api/queries";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { sheetOf } from "../../bench/sheetOf";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import type { Thing } from "../../drawing/grouping/groupingViews";
import type { Moved } from "../../drawing/grouping/ThingHandles";
import type { PieceOf } from "../../kinds/kind";
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
  const pictured = usePictured(plan);
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
    <KindBench<"grouping", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[sheetOf(piece, plan)]}
      stage={<GroupingPane plan={pictured} onMove={move} />}
      empty={plan.chosen ? "What stands there is listed here." : "Measure the surface and every line follows."}
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
