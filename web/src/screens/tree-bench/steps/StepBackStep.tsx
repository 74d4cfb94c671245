import type { Schemas } from "../../../api/client";
import { Tick } from "../../../parts/Tick";
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
        <Tick
          key={look.value}
          label={look.label}
          checked={looked.includes(look.value)}
          onChange={(checked) =>
            bench.dial("step_back", {
              looked: checked ? [...looked, look.value] : looked.filter((done) => done !== look.value),
            })
          }
        />
      ))}
    </Dials>
  );
}
