import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { WordField } from "../../../parts/WordField";
import type { StepProps } from "./StepDials";

type Frame = Schemas["SwapsSettings"]["art"]["frames"][number];

const MOST = declared.swaps.art.frames.most;
const PLAIN: Frame = {
  name: "",
  wide_m: 0.2,
  high_m: 0.29,
  paper_wide_m: 0.21,
  paper_high_m: 0.297,
  out: "",
  stored: "",
  colour: null,
  printed: false,
  tried: false,
};
const SIDES = [
  ["wide_m", "Opening, wide"],
  ["high_m", "Opening, high"],
  ["paper_wide_m", "Paper, wide"],
  ["paper_high_m", "Paper, high"],
] as const;

/** Pictures that are changed in their frames: opening and paper, what is printed, what was tried. */
export function ArtStep({ bench, plan }: StepProps) {
  const { frames } = bench.draft.settings.art;
  const dial = (entries: Frame[]) => bench.dial("art", { frames: entries });
  const change = (index: number, part: Partial<Frame>) =>
    dial(frames.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof Frame) => bench.problem?.field(`/settings/art/frames/${i}/${name}`);
  return (
    <Dials>
      <FigureValue label="Pictures" figure={plan.figures.frames} />
      <Entries
        label="Pictures changed in their frames"
        noun="picture"
        entries={frames}
        onRemove={(index) => dial(frames.filter((_, i) => i !== index))}
        row={(frame, i) => (
          <>
            <WordField
              label="Which picture"
              value={frame.name}
              most={40}
              error={error(i, "name")}
              onChange={(name) => change(i, { name })}
            />
            {SIDES.map(([side, says]) => (
              <LengthField
                key={side}
                label={says}
                value={frame[side]}
                error={error(i, side)}
                onChange={(metres) => metres !== null && change(i, { [side]: metres })}
              />
            ))}
            <WordField
              label="Goes out"
              value={frame.out}
              most={60}
              error={error(i, "out")}
              onChange={(out) => change(i, { out })}
            />
            <WordField
              label="Stored where"
              value={frame.stored}
              most={60}
              error={error(i, "stored")}
              onChange={(stored) => change(i, { stored })}
            />
            <Tick label="Ink and paper checked" checked={frame.tried} onChange={(tried) => change(i, { tried })} />
            <Tick label="Printed" checked={frame.printed} onChange={(printed) => change(i, { printed })} />
          </>
        )}
        add={frames.length < MOST ? <AddEntry label="A picture" onClick={() => dial([...frames, PLAIN])} /> : null}
      />
    </Dials>
  );
}
