import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { MeasuredField } from "../../../parts/MeasuredField";
import type { StepProps } from "./StepDials";

type Hang = Schemas["DropsSettings"]["hang"];

/** What holds each line, and what that may carry. */
export function HangStep({ bench, plan }: StepProps) {
  const { hang } = bench.draft.settings;
  const dial = (part: Partial<Hang>) => bench.dial("hang", part);
  return (
    <Dials>
      <TextField
        select
        label="Each held by"
        value={hang.fixing ?? plan.assumed.fixing}
        onChange={(event) => dial({ fixing: event.target.value as Hang["fixing"], rated_kg: null })}
      >
        {plan.assumed.holds.map(({ name, title }) => (
          <MenuItem key={name} value={name}>
            {title}
          </MenuItem>
        ))}
      </TextField>
      <MeasuredField
        label="Rated load on its label"
        unit="kg"
        value={hang.rated_kg}
        error={bench.problem?.field("/settings/hang/rated_kg")}
        onChange={(rated_kg) => dial({ rated_kg })}
      />
      <FigureValue label="Heaviest line" figure={plan.figures.heaviest} />
      <FigureValue label="May carry" figure={plan.figures.may} />
    </Dials>
  );
}
