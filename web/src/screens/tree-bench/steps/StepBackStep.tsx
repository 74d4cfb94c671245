import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import type { Schemas } from "../../../api/client";
import { Dials, type StepProps } from "./StepDials";

const LOOKS: { value: Schemas["StepBackSettings"]["looked"][number]; label: string }[] = [
  { value: "door", label: "From the door" },
  { value: "day", label: "By day" },
  { value: "dusk", label: "After dark, lights on" },
  { value: "balance", label: "Left and right in balance" },
  { value: "colour", label: "Each colour all over" },
  { value: "holes", label: "No holes, no clumps" },
];

/** The last look, before the ladder is put away. */
export function StepBackStep({ bench }: StepProps) {
  const { looked } = bench.draft.settings.step_back;
  return (
    <Dials>
      {LOOKS.map((look) => (
        <FormControlLabel
          key={look.value}
          label={look.label}
          control={
            <Checkbox
              checked={looked.includes(look.value)}
              onChange={(event) =>
                bench.dial("step_back", {
                  looked: event.target.checked ? [...looked, look.value] : looked.filter((done) => done !== look.value),
                })
              }
            />
          }
        />
      ))}
    </Dials>
  );
}
