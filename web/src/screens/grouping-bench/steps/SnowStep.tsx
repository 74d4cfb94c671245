import Typography from "@mui/material/Typography";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { LengthField } from "../../../parts/LengthField";
import type { StepProps } from "./StepDials";

/** Snow in the trays of the group, laid the last of all. */
export function SnowStep({ bench, plan }: StepProps) {
  const { snow } = bench.draft.settings;
  return (
    <Dials>
      <LengthField
        label="Snow, deep"
        placeholder="no snow"
        value={snow.deep_m}
        error={bench.problem?.field("/settings/snow/deep_m")}
        onChange={(deep_m) => bench.dial("snow", { deep_m })}
      />
      <FigureValue label="It takes" figure={plan.figures.snow} />
      <Typography className="whole-row" variant="body2" color="text.secondary">
        It lies in the trays of the group, round what stands there. Leave the depth empty for no snow.
      </Typography>
    </Dials>
  );
}
