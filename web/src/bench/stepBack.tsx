import type { Schemas } from "../api/client";
import { Dials } from "./Dials";
import { FigureValue } from "./FigureValue";
import { StepBackLooks } from "./StepBackLooks";

interface Said<Look extends string> {
  /** Every look in words, in this order. */
  looks: Readonly<Record<Look, string>>;
  /** Figures of the whole, with what each is called. */
  figures: { label: string; figure: string }[];
  /** Said where nothing is left to be mended. */
  nothing: string;
}

interface Props<Look extends string> {
  bench: {
    draft: { settings: { step_back: { looked: Look[] } } };
    dial: (group: "step_back", part: { looked: Look[] }) => void;
  };
  plan: { figures: Record<string, Schemas["PlanFigure"]>; cautions: Schemas["StepCaution"][] };
}

/** The look from where people stand: figures of the whole, and all that is still to be said of it. */
export function stepBack<Look extends string>({ looks, figures, nothing }: Said<Look>) {
  return function StepBack({ bench, plan }: Props<Look>) {
    return (
      <Dials>
        {figures.map(({ label, figure }) => (
          <FigureValue
            key={figure}
            label={label}
            figure={plan.figures[figure]}
            after={figure === "minutes" ? "" : undefined}
          />
        ))}
        <StepBackLooks
          looks={looks}
          looked={bench.draft.settings.step_back.looked}
          onChange={(looked) => bench.dial("step_back", { looked })}
          cautions={plan.cautions}
          nothing={nothing}
        />
      </Dials>
    );
  };
}
