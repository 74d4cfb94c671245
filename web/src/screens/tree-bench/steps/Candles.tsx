import Typography from "@mui/material/Typography";
import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { NumberField } from "../../../parts/NumberField";
import type { StepProps } from "./StepDials";

/** Battery sets and flameless candles over the season. */
export function Candles({ bench, plan }: StepProps) {
  const { lights } = bench.draft.settings;
  const dial = (part: Partial<typeof lights>) => bench.dial("lights", part);
  return (
    <>
      <CountDial
        label="Battery sets or candles"
        value={lights.battery_units}
        onChange={(battery_units) => dial({ battery_units })}
      />
      {lights.battery_units > 0 && (
        <>
          <FigureValue label="Cells to buy" figure={plan.figures.cells} />
          <CountDial
            label="Cells of a set"
            value={lights.battery_cells}
            min={1}
            onChange={(battery_cells) => dial({ battery_cells })}
          />
          <NumberField
            label="Hours a set of cells lasts"
            value={lights.battery_hours}
            onChange={(hours) => hours && dial({ battery_hours: hours })}
          />
          <NumberField
            label="Hours a day"
            value={lights.battery_hours_a_day}
            onChange={(hours) => hours && dial({ battery_hours_a_day: hours })}
            help="A timer keeps them honest"
          />
          <CountDial
            label="Days"
            value={lights.battery_days}
            min={1}
            onChange={(battery_days) => dial({ battery_days })}
          />
        </>
      )}
      <Typography variant="body2" color="textSecondary" className="whole-row">
        Flameless candles wherever greenery, children or pets are near.
      </Typography>
    </>
  );
}
