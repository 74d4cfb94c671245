import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ColourDial } from "../../../parts/ColourDial";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { OVER } from "../words";
import type { StepProps } from "./StepDials";

type Place = Schemas["DropsSettings"]["place"];

/** What they hang over and along, and how high their hooks are. */
export function PlaceStep({ bench, plan, piece }: StepProps) {
  const { place } = bench.draft.settings;
  const units = useUnits();
  const dial = (part: Partial<Place>) => bench.dial("place", part);
  const error = (name: keyof Place) => bench.problem?.field(`/settings/place/${name}`);
  return (
    <Dials>
      <FromSurvey pieceId={piece.id} take={dial} />
      <ChoiceDial label="They hang over" value={place.over} choices={OVER} onChange={(over) => dial({ over })} />
      <LengthField
        label="Along"
        placeholder={1.8}
        value={place.length_m}
        error={error("length_m")}
        onChange={(length_m) => dial({ length_m })}
      />
      <LengthField
        label="Wide"
        value={place.depth_m}
        error={error("depth_m")}
        help="More than nothing: to and fro in two rows"
        onChange={(depth_m) => depth_m !== null && dial({ depth_m })}
      />
      <LengthField
        label="Hooks above the floor"
        placeholder={length(plan.assumed.hooks_m, units)}
        value={place.ceiling_m}
        error={error("ceiling_m")}
        onChange={(ceiling_m) => dial({ ceiling_m })}
      />
      <LengthField
        label="Top of what is below"
        placeholder={length(plan.assumed.below_m, units)}
        value={place.below_m}
        error={error("below_m")}
        onChange={(below_m) => dial({ below_m })}
      />
      <ColourDial
        label="Behind them"
        value={place.colour ?? plan.assumed.colour}
        onChange={(colour) => dial({ colour })}
        error={error("colour")}
        wide={110}
      />
      <FigureValue label="Under the lowest" figure={plan.figures.under} />
    </Dials>
  );
}
