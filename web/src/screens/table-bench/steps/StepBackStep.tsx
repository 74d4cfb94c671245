import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StepBackLooks } from "../../../bench/StepBackLooks";
import type { StepProps } from "./StepDials";

type Look = Schemas["TableSettings"]["step_back"]["looked"][number];

const LOOKS: Record<Look, string> = {
  heights: "Seated once at every side: everybody is seen",
  gaps: "No bare stretch, room for bowls and bottles",
  cords: "Cords and switches out of sight, within reach",
};

/** The look from where people stand and sit: figures of the whole, and all that is still to be said of it. */
export function StepBackStep({ bench, plan }: StepProps) {
  return (
    <Dials>
      <FigureValue label="Guests" figure={plan.figures.guests} />
      <FigureValue label="Before each guest" figure={plan.figures.depth} />
      <FigureValue label="Leave for a meal" figure={plan.figures.leaves} />
      <FigureValue label="Minutes" figure={plan.figures.minutes} after="" />
      <StepBackLooks
        looks={LOOKS}
        looked={bench.draft.settings.step_back.looked}
        onChange={(looked) => bench.dial("step_back", { looked })}
        cautions={plan.cautions}
        nothing="Everybody has room and sees the others."
      />
    </Dials>
  );
}
