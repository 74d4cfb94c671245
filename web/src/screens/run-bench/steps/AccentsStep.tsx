import { useHints } from "../../../api/queries";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { AddEntry, Entries } from "../../../bench/Entries";
import type { StepProps } from "./StepDials";
import { StyleSelect } from "../../../bench/StyleSelect";

/** Cones, bells, berries: how many of each, and how much of the greens they hide. */
export function AccentsStep({ bench, plan, styles }: StepProps) {
  const { accents } = bench.draft.settings.accents;
  const hint = useHints();
  // A keepsake is chosen, never put in by itself.
  const first = styles.find((style) => style.kind === "ornament" && !style.keepsake);
  const change = (index: number, part: Partial<(typeof accents)[number]>) =>
    bench.dial("accents", { accents: accents.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  return (
    <Dials>
      <FigureValue
        label="Of the greens they hide"
        figure={plan.figures.accent_share}
        note={hint("run/accents/accents")}
      />
      <Entries
        label="Accents"
        noun="accent"
        entries={accents}
        onRemove={(index) => bench.dial("accents", { accents: accents.filter((_, i) => i !== index) })}
        row={(entry, i) => (
          <>
            <StyleSelect
              label="Accent"
              kinds={["ornament", "pick"]}
              styles={styles}
              value={entry.style}
              onChange={(style) => style && change(i, { style })}
              none="choose"
            />
            <CountDial label="How many" value={entry.count} min={1} onChange={(count) => change(i, { count })} />
          </>
        )}
        add={
          first && (
            <AddEntry
              label="Add an accent"
              onClick={() =>
                bench.dial("accents", {
                  accents: [...accents, { style: first.id, count: few(first.free ?? first.on_hand) }],
                })
              }
            />
          )
        }
      />
    </Dials>
  );
}

/** A first handful, no more than there are. */
function few(onHand: number): number {
  return Math.min(Math.max(Math.floor(onHand), 1), 5);
}
