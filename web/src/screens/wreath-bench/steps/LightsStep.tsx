import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { WordDial } from "../../../parts/WordDial";
import type { DressingProps } from "./dressing";

const SCHOOLS = declared.wreath.lights.school.choices;

/** Light round the ring. */
export function LightsStep({ bench, plan, styles }: DressingProps) {
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
        none={`${lights.bulbs_per_string} a string`}
      />
      <FigureValue label="Bulbs" figure={plan.figures.bulbs} after="" />
    </Dials>
  );
}
