import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { WordDial } from "../../../parts/WordDial";
import type { StepProps } from "./StepDials";
import { StyleSelect } from "../../../bench/StyleSelect";

const SCHOOLS = declared.run.lights.school.choices;

/** Light along the run by the metre, and when it goes on. */
export function LightsStep({ bench, plan, styles }: StepProps) {
  const { lights } = bench.draft.settings;
  return (
    <Dials>
      <WordDial
        label="How much light"
        value={lights.school}
        words={SCHOOLS}
        onChange={(school) => bench.dial("lights", { school })}
      />
      <StyleSelect
        label="String"
        kinds={["light"]}
        styles={styles}
        value={lights.style}
        onChange={(style) => bench.dial("lights", { style })}
        none="50 a string"
      />
      <ChoiceDial
        label="They go on"
        value={lights.goes ?? "studio"}
        choices={{ studio: "as the studio does", before: "before the stems", after: "after them" }}
        onChange={(goes) => bench.dial("lights", { goes: goes === "studio" ? null : goes })}
      />
      <FigureValue label="Bulbs" figure={plan.figures.bulbs} after="" />
      <FigureValue label="Strings" figure={plan.figures.strings} after="" />
    </Dials>
  );
}
