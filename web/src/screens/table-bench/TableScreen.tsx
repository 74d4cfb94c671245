import { useCallback, useState } from "react";
import { useStyles } from "../../api/queries";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { sheetOf } from "../../bench/sheetOf";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import type { Moved } from "../../drawing/grouping/ThingHandles";
import type { Thing } from "../../drawing/table/tableViews";
import type { PieceOf } from "../../kinds/kind";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";
import { TablePane } from "./TablePane";

/** The bench of a table: laid to scale, its places, its middle, steps and ledger. */
export function TableScreen({ piece }: { piece: PieceOf<"table"> }) {
  const bench = useBench<"table">(piece);
  const styles = useStyles(piece.id).data;
  const { length_m, diameter_m } = piece.settings.table;
  const [step, setStep] = useState<StepId>(length_m === null && diameter_m === null ? "table" : "centre");
  const style = useStyleOpen(styles);
  const { plan, draft, dial } = bench;
  const pictured = usePictured(plan);
  const { standing } = draft.settings.centre;
  const long = plan?.drawing.table.length_m ?? null;

  const move = useCallback(
    (thing: Thing, { left_m, out_m }: Moved) => {
      if (long === null) return;
      const moved = { at_m: left_m - long / 2, out_m };
      dial("centre", { standing: standing.map((said, i) => (i === thing.number - 1 ? { ...said, ...moved } : said)) });
    },
    [dial, long, standing],
  );

  useBenchKeys({ bench, steps: plan?.steps ?? [], onStep: setStep });

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"table", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[sheetOf(piece, plan)]}
      stage={<TablePane plan={pictured} onMove={move} />}
      empty={plan.chosen ? "What lies and stands there is listed here." : "Measure the table and every line follows."}
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
