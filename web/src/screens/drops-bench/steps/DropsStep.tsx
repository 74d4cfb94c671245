import Button from "@mui/material/Button";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { LengthDial } from "../../../parts/LengthDial";
import type { StepProps } from "./StepDials";

type DropsSaid = Schemas["DropsSettings"]["drops"];

const { count: COUNT, seed: SEED } = declared.drops.drops;
/** A slider goes no further; the field takes more. */
const LONG_M = 2;

/** How many lines, from how short to how long; another order at a press. */
export function DropsStep({ bench, plan }: StepProps) {
  const { drops } = bench.draft.settings;
  const dial = (part: Partial<DropsSaid>) => bench.dial("drops", part);
  const error = (name: keyof DropsSaid) => bench.problem?.field(`/settings/drops/${name}`);
  return (
    <Dials>
      <CountDial
        label="Lines"
        value={drops.count}
        min={COUNT.low}
        most={COUNT.high}
        onChange={(count) => dial({ count })}
      />
      <LengthDial
        label="Shortest"
        value={drops.shortest_m}
        from={0}
        to={LONG_M}
        step={0.01}
        error={error("shortest_m")}
        onChange={(shortest_m) => dial({ shortest_m })}
      />
      <LengthDial
        label="Longest"
        value={drops.longest_m}
        from={0.02}
        to={LONG_M}
        step={0.01}
        error={error("longest_m")}
        onChange={(longest_m) => dial({ longest_m })}
      />
      <Button
        size="small"
        variant="outlined"
        className="as-wide-as-it-is"
        onClick={() => dial({ seed: (drops.seed + 1) % (SEED.high + 1) })}
      >
        Another order
      </Button>
      <FigureValue label="Line, with knots" figure={plan.figures.line} />
      <FigureValue label="Under the lowest" figure={plan.figures.under} />
    </Dials>
  );
}
