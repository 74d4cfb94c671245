import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { LengthField } from "../parts/LengthField";
import { Tick } from "../parts/Tick";
import { length } from "../units/format";
import { useUnits } from "../units/useUnits";
import { StyleSelect } from "./StyleSelect";
import { FINISHES, FORMS, PLAIN, SLOTS, type Form, type Slot, type ThingSaid } from "./things";

interface Props {
  thing: ThingSaid;
  /** How large each is where nobody measured it, and where it belongs. */
  forms: Schemas["GroupingForm"][];
  styles: Schemas["Style"][];
  error: (name: keyof ThingSaid) => string | undefined;
  onChange: (part: Partial<ThingSaid>) => void;
  /** What its two places are called here. */
  aside: string;
  out: string;
  /** What stands for the second where nobody said it. */
  outUsual: string;
  children?: ReactNode;
}

const BY_ITSELF = "";

/** What is said of a thing wherever it stands. */
export type ThingMeasured = Pick<ThingSaid, "form" | "style" | "slot" | "across_m" | "height_m">;

interface MeasuresProps {
  thing: ThingMeasured;
  forms: Schemas["GroupingForm"][];
  styles: Schemas["Style"][];
  error: (name: keyof ThingMeasured) => string | undefined;
  /** Something else has other measures: what was said of it goes. */
  onForm: (form: Form) => void;
  onChange: (part: Partial<ThingMeasured>) => void;
}

/** What a thing is, which one of the stock, and how large. */
export function ThingMeasures({ thing, forms, styles, error, onForm, onChange }: MeasuresProps) {
  const units = useUnits();
  const known = forms.find(({ form }) => form === thing.form);
  return (
    <>
      <TextField select label="What it is" value={thing.form} onChange={(event) => onForm(event.target.value as Form)}>
        {Object.entries(FORMS).map(([form, says]) => (
          <MenuItem key={form} value={form}>
            {says}
          </MenuItem>
        ))}
      </TextField>
      <StyleSelect
        label="From stock"
        kinds={["decor", "tree", "stem", "pick"]}
        styles={styles}
        value={thing.style}
        onChange={(style) => onChange({ style })}
        none="not chosen"
      />
      <TextField
        select
        label="Its place"
        value={thing.slot ?? BY_ITSELF}
        onChange={(event) => onChange({ slot: (event.target.value || null) as Slot | null })}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      >
        <MenuItem value={BY_ITSELF}>{known ? SLOTS[known.slot] : "by what it is"}</MenuItem>
        {Object.entries(SLOTS).map(([slot, says]) => (
          <MenuItem key={slot} value={slot}>
            {says}
          </MenuItem>
        ))}
      </TextField>
      <LengthField
        label="Across"
        placeholder={known ? length(known.across_m, units) : ""}
        value={thing.across_m}
        error={error("across_m")}
        onChange={(across_m) => onChange({ across_m })}
      />
      <LengthField
        label="High"
        placeholder={known ? length(known.height_m, units) : ""}
        value={thing.height_m}
        error={error("height_m")}
        onChange={(height_m) => onChange({ height_m })}
      />
    </>
  );
}

interface BringsProps {
  thing: Pick<ThingSaid, "form" | "finish">;
  forms: Schemas["GroupingForm"][];
  onChange: (part: Pick<ThingSaid, "finish">) => void;
}

/** Whether a thing is shiny, soft, green or none of it. */
export function ThingBrings({ thing, forms, onChange }: BringsProps) {
  const known = forms.find(({ form }) => form === thing.form);
  return (
    <TextField
      select
      label="It brings"
      value={thing.finish ?? BY_ITSELF}
      onChange={(event) => onChange({ finish: (event.target.value || null) as ThingSaid["finish"] })}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value={BY_ITSELF}>{known ? FINISHES[known.finish] : "by what it is"}</MenuItem>
      {Object.entries(FINISHES).map(([finish, says]) => (
        <MenuItem key={finish} value={finish}>
          {says}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** The dials of one thing that stands: what it is, its measures, where it stands, what it brings. */
export function ThingFields({ thing, forms, styles, error, onChange, aside, out, outUsual, children }: Props) {
  return (
    <>
      <ThingMeasures
        {...{ thing, forms, styles, error }}
        onForm={(form) => onChange({ ...PLAIN, form })}
        onChange={onChange}
      />
      <LengthField
        label="Riser"
        value={thing.riser_m}
        error={error("riser_m")}
        onChange={(riser_m) => riser_m !== null && onChange({ riser_m })}
      />
      <StyleSelect
        label="Riser from stock"
        kinds={["decor"]}
        styles={styles.filter(({ id, riser_height_m }) => typeof riser_height_m === "number" || id === thing.riser)}
        value={thing.riser}
        onChange={(riser) => onChange({ riser })}
        none="none"
      />
      <LengthField
        label={aside}
        placeholder="by itself"
        value={thing.at_m}
        error={error("at_m")}
        onChange={(at_m) => onChange({ at_m })}
      />
      <LengthField
        label={out}
        placeholder={outUsual}
        value={thing.out_m}
        error={error("out_m")}
        onChange={(out_m) => onChange({ out_m })}
      />
      <ThingBrings thing={thing} forms={forms} onChange={onChange} />
      {thing.form === "tree" && (
        <>
          <LengthField
            label="Opening of its pot"
            placeholder="not potted"
            value={thing.opening_m}
            error={error("opening_m")}
            onChange={(opening_m) => onChange({ opening_m })}
          />
          <LengthField
            label="Trunk with its sacking"
            placeholder="not potted"
            value={thing.trunk_m}
            error={error("trunk_m")}
            onChange={(trunk_m) => onChange({ trunk_m })}
          />
        </>
      )}
      {(thing.form === "candle" || thing.form === "lantern") && (
        <Tick label="Real flame" checked={thing.flame} onChange={(flame) => onChange({ flame })} />
      )}
      {children}
    </>
  );
}
