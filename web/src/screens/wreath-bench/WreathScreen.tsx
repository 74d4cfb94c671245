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
import type { ArcHandle } from "../../drawing/wreath/ArcHandles";
import type { PieceOf } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
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
  // As on the other benches: figures first, then the picture.
  const pictured = useDeferredValue(plan, null);
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
    <WorkingsProvider pieceId={piece.id} dialled={draft}>
      <BenchStrip
        piece={piece}
        bench={bench}
        noun={KINDS.wreath.noun}
        entries={[
          { label: "Sheet as PDF", href: `/api/pieces/${piece.id}/wreath-sheet.pdf`, disabled: !plan.chosen },
          { label: "Nail map as SVG", href: `/api/pieces/${piece.id}/wreath-sheet.svg`, disabled: !plan.chosen },
          keepHooks,
        ]}
      />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={<WreathPane plan={pictured} handles={handles} />}
        colours={<ColoursBand colours={plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />}
        ledger={
          <Ledger
            plan={plan}
            empty="Measure what it hangs on and every line follows."
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
      <BenchDialogs<"wreath"> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
