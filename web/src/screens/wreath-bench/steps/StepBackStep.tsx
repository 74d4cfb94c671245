import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { Caution } from "../../../parts/Caution";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Look = Schemas["WreathSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  balance: "Left against right",
  arcs: "Thin and full arcs",
  star: "What leads is seen",
  wires: "Wires painted or taped",
};

/** The look from the path: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  const { looked } = bench.draft.settings.step_back;
  const open = plan.cautions.filter(({ severity }) => severity !== "info");
  return (
    <Dials>
      <FigureValue label="Fullness" figure={plan.figures.fullness} />
      <FigureValue label="It weighs" figure={plan.figures.weight} />
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
          <Typography variant="body2">Nothing is overloaded, covered or out of balance.</Typography>
        ) : (
          open.map((caution) => <Caution key={`${caution.code} ${caution.message}`} finding={caution} />)
        )}
      </Box>
    </Dials>
  );
}
