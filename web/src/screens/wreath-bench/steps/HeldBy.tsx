import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { StyleSelect } from "../../../bench/StyleSelect";
import { MeasuredField } from "../../../parts/MeasuredField";

type Hang = Schemas["WreathSettings"]["hang"];
type Held = Pick<Hang, "fixing" | "style" | "rated_kg">;
type Plan = Pick<Schemas["WreathPlan"], "holds"> & { assumed: Pick<Schemas["WreathAssumed"], "fixing"> };

interface Props {
  label: string;
  hang: Held;
  plan: Plan;
  styles: Schemas["Style"][];
  error: string | undefined;
  onChange: (part: Partial<Held>) => void;
}

/** Nobody says: the core takes what is usual there. */
const USUAL = "usual";

/** What holds a wreath, or each of several: the kind, one of the stock, what its label says. */
export function HeldBy({ label, hang, plan, styles, error, onChange }: Props) {
  return (
    <>
      <TextField
        select
        label={label}
        value={hang.fixing ?? USUAL}
        onChange={(event) =>
          onChange({
            fixing: event.target.value === USUAL ? null : (event.target.value as Held["fixing"]),
            style: null,
            rated_kg: null,
          })
        }
      >
        <MenuItem value={USUAL}>
          Fits here: {plan.holds.find(({ name }) => name === plan.assumed.fixing)?.title.toLowerCase()}
        </MenuItem>
        {plan.holds.map(({ name, title }) => (
          <MenuItem key={name} value={name}>
            {title}
          </MenuItem>
        ))}
      </TextField>
      <StyleSelect
        label="From stock"
        kinds={["fixing"]}
        styles={styles}
        value={hang.style}
        onChange={(style) => onChange({ style })}
        none="not chosen"
      />
      <MeasuredField
        label="Rated load on its label"
        unit="kg"
        value={hang.rated_kg}
        onChange={(rated_kg) => onChange({ rated_kg })}
        error={error}
      />
    </>
  );
}
