import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { Caution } from "../../../parts/Caution";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Look = Schemas["RunSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  door: "From the door",
  day: "By day",
  dusk: "At dusk",
  balance: "Left against right",
};

/** The look from the door: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  const { looked } = bench.draft.settings.step_back;
  const open = plan.cautions.filter(({ severity }) => severity !== "info");
  return (
    <Dials>
      <FigureValue label="Fullness" figure={plan.figures.fullness} />
      <FigureValue label="Weight" figure={plan.figures.weight} />
      <FigureValue label="It weighs" figure={plan.figures.balance} />
      <Box className="whole-row">
        {(Object.keys(LOOKS) as Look[]).map((look) => (
          <Tick
            key={look}
            label={LOOKS[look]}
            checked={looked.includes(look)}
            onChange={(on) =>
              bench.dial("step_back", { looked: on ? [...looked, look] : looked.filter((known) => known !== look) })
            }
          />
        ))}
      </Box>
      <Box className="whole-row" sx={{ display: "grid", gap: 1, gridTemplateColumns: { md: "1fr 1fr" } }}>
        {open.length === 0 ? (
          <Typography variant="body2">Nothing is thin, overloaded or out of balance.</Typography>
        ) : (
          open.map((caution) => <Caution key={`${caution.code} ${caution.message}`} finding={caution} />)
        )}
      </Box>
    </Dials>
  );
}
