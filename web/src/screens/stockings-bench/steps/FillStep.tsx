import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { MeasuredField } from "../../../parts/MeasuredField";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Fill = Schemas["StockingsSettings"]["fill"];

const DAYS = declared.stockings.fill.days_before;

/** What is in them, how heavy it is, and when it goes in. */
export function FillStep({ bench, plan }: StepProps) {
  const { fill } = bench.draft.settings;
  const dial = (part: Partial<Fill>) => bench.dial("fill", part);
  return (
    <Dials>
      <MeasuredField
        label="What goes into one weighs"
        unit="kg"
        value={fill.filled_kg}
        error={bench.problem?.field("/settings/fill/filled_kg")}
        onChange={(filled_kg) => filled_kg !== null && dial({ filled_kg })}
      />
      <CountDial
        label="Days before the day"
        value={fill.days_before}
        min={DAYS.low}
        most={DAYS.high}
        onChange={(days_before) => dial({ days_before })}
      />
      <Tick label="Stuffed for their shape" checked={fill.stuffed} onChange={(stuffed) => dial({ stuffed })} />
      <Tick label="Something to eat in them" checked={fill.edible} onChange={(edible) => dial({ edible })} />
      <FigureValue label="The heaviest, filled" figure={plan.figures.filled} />
      <FigureValue label="A hook may carry" figure={plan.figures.may} />
    </Dials>
  );
}
