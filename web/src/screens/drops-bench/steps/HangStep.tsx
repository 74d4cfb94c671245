import { FigureValue } from "../../../bench/FigureValue";
import { HangDials } from "../../../bench/HangDials";
import type { StepProps } from "./StepDials";

/** What holds each line, and what that may carry. */
export function HangStep({ bench, plan, styles }: StepProps) {
  const { hang } = bench.draft.settings;
  return (
    <HangDials
      fixing={hang.fixing ?? plan.assumed.fixing}
      rated_kg={hang.rated_kg}
      style={hang.style}
      styles={styles}
      holds={plan.assumed.holds}
      error={bench.problem?.field("/settings/hang/rated_kg")}
      onChange={(part) => bench.dial("hang", part)}
    >
      <FigureValue label="Heaviest line" figure={plan.figures.heaviest} />
      <FigureValue label="May carry" figure={plan.figures.may} />
    </HangDials>
  );
}
