import type { ComponentProps, ReactNode } from "react";
import type { Schemas } from "../api/client";
import { KINDS } from "../kinds/registry";
import type { Kind, PieceOf } from "../kinds/kind";
import type { MenuEntry } from "../parts/MoreMenu";
import { BenchDialogs } from "./BenchDialogs";
import { BenchLayout } from "./BenchLayout";
import { BenchStrip } from "./BenchStrip";
import { ColoursBand } from "./ColoursBand";
import { Ledger } from "./Ledger";
import { StepTabs, worst } from "./StepTabs";
import { UnreadNotice } from "./UnreadNotice";
import type { Bench } from "./useBench";
import type { useStyleOpen } from "./useStyleOpen";
import { WorkingsProvider } from "./workings";

interface Props<K extends Kind, Step extends string> {
  piece: PieceOf<K>;
  bench: Bench<K>;
  plan: ComponentProps<typeof Ledger>["plan"] & { steps: Step[]; colours?: Schemas["ColoursSeen"] | undefined };
  styles: Schemas["Style"][];
  style: ReturnType<typeof useStyleOpen>;
  step: Step;
  onStep: (step: Step) => void;
  /** What the steps are called. */
  labels: Record<Step, string>;
  /** What this kind of piece offers beside its bench. */
  entries?: MenuEntry[];
  stage: ReactNode;
  /** Said in the ledger before anything is measured. */
  empty: string;
  /** What stands under the ledger's lines. */
  underLedger?: ReactNode;
  /** The dials of the step. */
  children: ReactNode;
}

const NONE: MenuEntry[] = [];

/** What benches of every kind but the tree's are put together from: strip, drawing, colours, ledger, steps with their dials. */
export function KindBench<K extends Kind, Step extends string>({
  piece,
  bench,
  plan,
  styles,
  style,
  step,
  onStep,
  labels,
  entries = NONE,
  stage,
  empty,
  underLedger,
  children,
}: Props<K, Step>) {
  return (
    <WorkingsProvider pieceId={piece.id} dialled={bench.draft}>
      <BenchStrip piece={piece} bench={bench} noun={KINDS[piece.kind].noun} entries={entries} />
      <UnreadNotice faults={piece.unread} />
      <BenchLayout
        ledgerLabel="What it takes"
        stage={stage}
        colours={<ColoursBand colours={plan.colours} pieceId={piece.id} dialled={bench.draft} onDress={bench.dress} />}
        ledger={
          <Ledger plan={plan} empty={empty} step={step} onStock={style.countAgain} onClaims={style.claims}>
            {underLedger}
          </Ledger>
        }
        steps={
          <StepTabs
            steps={plan.steps.map((id) => ({ id, label: labels[id], worst: worst(plan.cautions, id) }))}
            current={step}
            onChange={onStep}
          >
            {children}
          </StepTabs>
        }
      />
      <BenchDialogs<K> pieceId={piece.id} bench={bench} styles={styles} style={style} />
    </WorkingsProvider>
  );
}
