import Autocomplete from "@mui/material/Autocomplete";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { NumberField } from "../../../parts/NumberField";
import { ALLERGENS } from "../words";
import type { StepProps } from "./StepDials";

type Said = Schemas["DrinksSettings"]["jars"];
type Jar = Said["jars"][number];
type Allergen = Jar["allergens"][number];

const DECLARED = declared.drinks.jars;
const PLAIN: Jar = {
  what: "",
  style: null,
  across_m: 0.12,
  high_m: 0.2,
  holds: 12,
  on_show: null,
  in_store: 0,
  a_day: 2,
  allergens: [],
};
const NAMES = Object.keys(ALLERGENS) as Allergen[];

/** What is in each jar, on show and in store, how much of it is used, for whom it is nothing. */
export function JarsStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { jars: said } = bench.draft.settings;
  const { jars } = said;
  const dial = (part: Partial<Said>) => bench.dial("jars", part);
  const change = (index: number, part: Partial<Jar>) =>
    dial({ jars: jars.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  const error = (i: number, name: keyof Jar) => bench.problem?.field(`/settings/jars/jars/${i}/${name}`);
  return (
    <Dials>
      <FigureValue label="Jars" figure={plan.figures.jars} />
      <FigureValue label="Between them" figure={plan.figures.gap} />
      <FigureValue label="The first is empty after" figure={plan.figures.first_out} />
      <FigureValue label="Filled again" figure={plan.figures.refills} after="times" />
      <CountDial
        label="Days it is used"
        value={said.days}
        min={DECLARED.days.low}
        most={DECLARED.days.high}
        onChange={(days) => dial({ days })}
      />
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("decor")}>
        Add a jar to the stock
      </Button>
      <Entries
        label="Jars, from the left; what is in them counts as portions"
        noun="jar"
        entries={jars}
        onRemove={(index) => dial({ jars: jars.filter((_, i) => i !== index) })}
        row={(jar, i) => (
          <>
            <TextField
              label="What is in it"
              value={jar.what}
              error={Boolean(error(i, "what"))}
              helperText={error(i, "what")}
              onChange={(event) => change(i, { what: event.target.value })}
            />
            <StyleSelect
              label="From stock"
              kinds={["decor"]}
              styles={styles}
              value={jar.style}
              onChange={(style) => change(i, { style })}
              none="not chosen"
            />
            <LengthField
              label="Across"
              value={jar.across_m}
              error={error(i, "across_m")}
              onChange={(across_m) => across_m !== null && change(i, { across_m })}
            />
            <LengthField
              label="High"
              value={jar.high_m}
              error={error(i, "high_m")}
              onChange={(high_m) => high_m !== null && change(i, { high_m })}
            />
            <NumberField
              label="It holds"
              value={jar.holds}
              error={error(i, "holds")}
              onChange={(holds) => holds !== null && change(i, { holds })}
            />
            <NumberField
              label="In it now"
              placeholder={String(jar.holds)}
              value={jar.on_show}
              error={error(i, "on_show")}
              onChange={(on_show) => change(i, { on_show })}
            />
            <NumberField
              label="In store"
              value={jar.in_store}
              error={error(i, "in_store")}
              onChange={(in_store) => change(i, { in_store: in_store ?? 0 })}
            />
            <NumberField
              label="Used a day"
              value={jar.a_day}
              error={error(i, "a_day")}
              onChange={(a_day) => change(i, { a_day: a_day ?? 0 })}
            />
            <Autocomplete
              multiple
              size="small"
              options={NAMES}
              value={jar.allergens}
              getOptionLabel={(name) => ALLERGENS[name]}
              onChange={(_, allergens) => change(i, { allergens })}
              renderInput={(params) => <TextField {...params} label="Allergens" />}
            />
          </>
        )}
        add={
          jars.length < DECLARED.jars.most ? (
            <AddEntry
              label="A jar"
              onClick={() => dial({ jars: [...jars, { ...PLAIN, style: jars[jars.length - 1]?.style ?? null }] })}
            />
          ) : null
        }
      />
    </Dials>
  );
}
