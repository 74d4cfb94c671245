import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Dress = Schemas["DrinksSettings"]["dress"];

/** A bow on each jar: ribbon once round and tied. */
export function DressStep({ bench, plan, styles }: StepProps) {
  const { dress } = bench.draft.settings;
  const dial = (part: Partial<Dress>) => bench.dial("dress", part);
  const error = (name: keyof Dress) => bench.problem?.field(`/settings/dress/${name}`);
  return (
    <Dials>
      <Tick label="A bow on each jar" checked={dress.bow} onChange={(bow) => dial({ bow })} />
      {dress.bow && (
        <>
          <StyleSelect
            label="Ribbon"
            kinds={["ribbon"]}
            styles={styles}
            value={dress.bow_style}
            onChange={(bow_style) => dial({ bow_style })}
            none="not chosen"
          />
          <LengthField
            label="Loops"
            value={dress.loop_m}
            error={error("loop_m")}
            onChange={(loop_m) => loop_m !== null && dial({ loop_m })}
          />
          <LengthField
            label="Tails"
            value={dress.tail_m}
            error={error("tail_m")}
            onChange={(tail_m) => tail_m !== null && dial({ tail_m })}
          />
        </>
      )}
      <FigureValue label="Ribbon" figure={plan.figures.ribbon} />
    </Dials>
  );
}
