import { useState } from "react";
import { declared } from "../../../api/declared";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { WordDial } from "../../../parts/WordDial";
import { count } from "../../../units/format";
import { Candles } from "./Candles";
import { Power } from "./Power";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";
import { StringTests } from "./StringTests";
import { StyleChooser } from "../../../bench/StyleChooser";

const { school: SCHOOL, globes: GLOBES } = declared.tree.lights;
const PARTS = { strings: OnTheTree, power: Power, candles: Candles, tests: StringTests };

/** Light: what goes on the tree, the load, battery sets, and the tests of the strings. */
export function LightsStep(props: StepProps) {
  const [part, setPart] = useState<keyof typeof PARTS>("strings");
  const Part = PARTS[part];
  return (
    <Dials>
      <ChoiceDial
        label="Light"
        value={part}
        onChange={setPart}
        choices={{ strings: "on the tree", power: "power", candles: "batteries", tests: "tests" }}
      />
      <Part {...props} />
    </Dials>
  );
}

/** How much light, by surface with the plain rule beside it, and how far apart the turns lie. */
function OnTheTree({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { lights } = bench.draft.settings;
  const { figures } = plan;
  const plain = figures.bulbs_by_height;
  const dial = (part: Partial<typeof lights>) => bench.dial("lights", part);
  return (
    <>
      <WordDial
        label="How much light"
        value={lights.school}
        words={SCHOOL.choices}
        onChange={(school) => dial({ school })}
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
        note={figures.turns ? `${Number(figures.turns.value).toFixed(0)} rows from hem to tip` : undefined}
      />
      <ChoiceDial
        label="They go on"
        value={lights.way}
        onChange={(way) => dial({ way })}
        choices={{
          turns: plan.figures.arc && Number(plan.figures.arc.value) < 360 ? "in zigzag" : "in a spiral",
          deep: "deep, in to the trunk",
        }}
      />
      <WordDial
        label="Globes on top"
        value={lights.globes}
        words={GLOBES.choices}
        onChange={(globes) => dial({ globes })}
      />
      {lights.globes !== "none" && <FigureValue label="Globes" figure={figures.globes} size="small" />}
      <CountDial
        label="Strings built in"
        value={lights.prelit_strings}
        onChange={(prelit_strings) =>
          dial({ prelit_strings, prelit_dead: Math.min(lights.prelit_dead, prelit_strings) })
        }
        help="A pre-lit tree"
      />
      {lights.prelit_strings > 0 && (
        <>
          <CountDial
            label="Of these dead"
            value={lights.prelit_dead}
            onChange={(prelit_dead) => dial({ prelit_dead })}
            help={bench.problem?.field("/settings/lights/prelit_dead")}
          />
          <CountDial
            label="Bulbs of one built in"
            value={lights.prelit_bulbs}
            step={10}
            min={1}
            onChange={(prelit_bulbs) => dial({ prelit_bulbs })}
          />
        </>
      )}
      <CountDial
        label="Working bulbs on the tree"
        value={lights.working_bulbs}
        step={50}
        onChange={(working_bulbs) => dial({ working_bulbs })}
        help="Dead ones do not count"
      />
      {!lights.style && (
        <CountDial
          label="Bulbs per string"
          value={lights.bulbs_per_string}
          step={10}
          min={1}
          onChange={(bulbs_per_string) => dial({ bulbs_per_string })}
        />
      )}
      {!lights.style && (
        <LengthField
          label="Lit length of a string"
          value={lights.string_m}
          onChange={(string_m) => string_m && dial({ string_m })}
        />
      )}
      <StyleChooser
        label="Strings"
        kind="light"
        styles={styles}
        lookId={piece.look_id}
        chosen={lights.style ? [lights.style] : []}
        onChange={(chosen) => dial({ style: chosen.at(-1) ?? null })}
        onNew={() => onNewStyle("light")}
      />
      {lights.globes !== "none" && (
        <StyleChooser
          label="Globe strings"
          kind="light"
          styles={styles}
          lookId={piece.look_id}
          chosen={lights.globe_style ? [lights.globe_style] : []}
          onChange={(chosen) => dial({ globe_style: chosen.at(-1) ?? null })}
          onNew={() => onNewStyle("light")}
        />
      )}
    </>
  );
}
