import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { WordDial } from "../../../parts/WordDial";
import { count } from "../../../units/format";
import { Dials, type StepProps } from "./StepDials";
import { StyleChooser } from "./StyleChooser";

const SCHOOLS = ["soft", "classic", "bright", "blaze"] as const;

/** How much light, by surface with the plain rule beside it, and how far apart the turns lie. */
export function LightsStep({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { lights } = bench.draft.settings;
  const { figures } = plan;
  const plain = figures.bulbs_by_height;
  return (
    <Dials>
      <WordDial
        label="How much light"
        value={lights.school}
        words={SCHOOLS}
        onChange={(school) => bench.dial("lights", { school })}
      />
      <FigureValue
        label="By surface"
        figure={figures.bulbs}
        after="bulbs"
        note={plain ? `by the foot it would be ${count(Number(plain.value))}` : undefined}
      />
      <FigureValue
        label="Strings"
        figure={figures.strings}
        after={`+ ${String(figures.spare_strings?.value ?? 0)} spare`}
      />
      <FigureValue
        label="Between turns"
        figure={figures.pitch}
        note={figures.turns ? `${Number(figures.turns.value).toFixed(0)} turns from hem to tip` : undefined}
      />
      <CountDial
        label="Working bulbs on the tree"
        value={lights.working_bulbs}
        step={50}
        onChange={(working_bulbs) => bench.dial("lights", { working_bulbs })}
        help="Dead ones do not count"
      />
      {!lights.style && (
        <CountDial
          label="Bulbs per string"
          value={lights.bulbs_per_string}
          step={10}
          min={1}
          onChange={(bulbs_per_string) => bench.dial("lights", { bulbs_per_string })}
        />
      )}
      {!lights.style && (
        <LengthField
          label="Lit length of a string"
          value={lights.string_m}
          onChange={(string_m) => string_m && bench.dial("lights", { string_m })}
        />
      )}
      <StyleChooser
        label="Strings"
        kind="light"
        styles={styles}
        lookId={piece.look_id}
        chosen={lights.style ? [lights.style] : []}
        onChange={(chosen) => bench.dial("lights", { style: chosen.at(-1) ?? null })}
        onNew={() => onNewStyle("light")}
      />
    </Dials>
  );
}
