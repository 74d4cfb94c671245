import Button from "@mui/material/Button";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { ThingBrings, ThingMeasures } from "../../../bench/ThingFields";
import { CountDial } from "../../../parts/CountDial";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Said = Schemas["ShelvesSettings"]["dress"]["standing"][number];

const MOST = declared.shelves.dress.standing.most;
const PLAIN: Omit<Said, "form" | "bay"> = {
  slot: null,
  style: null,
  across_m: null,
  deep_m: null,
  height_m: null,
  colour: null,
  finish: null,
  flame: false,
  used: false,
};

/** What stands in each bay; what is used every day is said. */
export function DressStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { standing } = bench.draft.settings.dress;
  const { bays = [], unit } = plan.drawing;
  const noun = unit.shape === "tray" ? "tier" : "bay";
  const dial = (entries: Said[]) => bench.dial("dress", { standing: entries });
  const change = (index: number, part: Partial<Said>) =>
    dial(standing.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof Said) => bench.problem?.field(`/settings/dress/standing/${i}/${name}`);
  return (
    <Dials>
      <FigureValue label="Things" figure={plan.figures.things} />
      <FigureValue label="Stay quiet" figure={plan.figures.quiet} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("decor")}>
        Add a thing to the stock
      </Button>
      <Entries
        label={`Things, each in its ${noun}; drag them from one into another`}
        noun="thing"
        entries={standing}
        onRemove={(index) => dial(standing.filter((_, i) => i !== index))}
        row={(thing, i) => (
          <>
            <ThingMeasures
              thing={thing}
              forms={plan.assumed.forms}
              styles={styles}
              error={(name) => error(i, name)}
              onForm={(form) => change(i, { ...PLAIN, form })}
              onChange={(part) => change(i, part)}
            />
            <CountDial
              label={`In ${noun}`}
              about={`thing ${i + 1}`}
              value={thing.bay}
              min={1}
              most={Math.max(bays.length, 1)}
              onChange={(bay) => change(i, { bay })}
            />
            <ThingBrings thing={thing} forms={plan.assumed.forms} onChange={(part) => change(i, part)} />
            {(thing.form === "candle" || thing.form === "lantern") && (
              <Tick label="Real flame" checked={thing.flame} onChange={(flame) => change(i, { flame })} />
            )}
            <Tick label="Used every day" checked={thing.used} onChange={(used) => change(i, { used })} />
          </>
        )}
        add={
          standing.length < MOST ? (
            <AddEntry
              label="A thing"
              onClick={() =>
                dial([...standing, { ...PLAIN, form: "vessel", bay: bays.find(({ quiet }) => quiet)?.number ?? 1 }])
              }
            />
          ) : null
        }
      />
    </Dials>
  );
}
