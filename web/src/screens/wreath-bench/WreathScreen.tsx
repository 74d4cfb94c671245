import { useMemo, useState } from "react";
import { useStyles } from "../../api/queries";
import { KindBench } from "../../bench/KindBench";
import { Unplanned } from "../../bench/Unplanned";
import { useBench } from "../../bench/useBench";
import { usePictured } from "../../bench/usePictured";
import { useKeepHooks } from "../../bench/useKeepHooks";
import { useBenchKeys } from "../../bench/useBenchKeys";
import { useStyleOpen } from "../../bench/useStyleOpen";
import type { ArcHandle } from "../../drawing/wreath/ArcHandles";
import type { PieceOf } from "../../kinds/kind";
import { STEP_LABELS, StepDials, type StepId } from "./steps/StepDials";
import { WreathPane } from "./WreathPane";

const NO_HANDLES: ArcHandle[] = [];

/** The bench of a wreath: the door it hangs on, the ring close, steps and ledger. */
export function WreathScreen({ piece }: { piece: PieceOf<"wreath"> }) {
  const bench = useBench<"wreath">(piece);
  const styles = useStyles(piece.id).data;
  const [step, setStep] = useState<StepId>(piece.settings.place.width_m === null ? "place" : "layers");
  const style = useStyleOpen(styles);
  const steps = bench.plan?.steps ?? [];
  const { plan, draft, dial } = bench;
  const pictured = usePictured(plan);
  const { layout, from_h, to_h, mirrored, turned_h } = draft.settings.layers;

  const start = plan?.drawing.arcs?.[0]?.from_h;
  const handles = useMemo<ArcHandle[]>(() => {
    if (step !== "layers" || layout === "all_round" || start === undefined) return NO_HANDLES;
    // A crescent is pulled by its ends; any other layout, and one that is turned or mirrored, is turned as a whole.
    if (layout !== "crescent" || mirrored || turned_h % 12 !== 0)
      return [
        {
          id: "turn",
          hour: start,
          onChange: (hour) => dial("layers", { turned_h: (((hour - start + turned_h) % 12) + 12) % 12 }),
        },
      ];
    return [
      { id: "from", hour: from_h, onChange: (hour) => dial("layers", { from_h: hour }) },
      { id: "to", hour: to_h, onChange: (hour) => dial("layers", { to_h: hour }) },
    ];
  }, [step, layout, mirrored, turned_h, start, from_h, to_h, dial]);

  useBenchKeys({ bench, steps, onStep: setStep });
  const keepHooks = useKeepHooks(piece, !plan?.chosen);

  if (!plan || !pictured || !styles) return <Unplanned bench={bench} piece={piece} />;
  return (
    <KindBench<"wreath", StepId>
      piece={piece}
      bench={bench}
      plan={plan}
      styles={styles}
      style={style}
      step={step}
      onStep={setStep}
      labels={STEP_LABELS}
      entries={[
        { label: "Sheet as PDF", href: `/api/pieces/${piece.id}/wreath-sheet.pdf`, disabled: !plan.chosen },
        { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/wreath-sheet.svg`, disabled: !plan.chosen },
        keepHooks,
      ]}
      stage={<WreathPane plan={pictured} handles={handles} />}
      empty="Measure what it hangs on and every line follows."
    >
      <StepDials step={step} bench={bench} plan={plan} piece={piece} styles={styles} onNewStyle={style.add} />
    </KindBench>
  );
}
