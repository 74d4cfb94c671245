import { useMemo, useState } from "react";
import { useStyles } from "../../api/queries";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useKeepHooks } from "../../bench/useKeepHooks";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import type { Rearranging } from "../../drawing/wall/RingHandles";
import type { PieceOf } from "../../kinds/kind";
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
  const pictured = usePictured(plan);
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
    <KindBench<"wall", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[
        { label: "Nail map as PDF", href: `/api/pieces/${piece.id}/wreath-sheet.pdf`, disabled: !plan.chosen },
        { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/wreath-sheet.svg`, disabled: !plan.chosen },
        keepHooks,
      ]}
      stage={<WallPane plan={pictured} rearranging={rearranging} />}
      empty="Measure the wall and every line follows."
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
