import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { ColourDial } from "../../../parts/ColourDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Place = Schemas["StockingsSettings"]["place"];

/** What they hang from, how long and how high it is. */
export function PlaceStep({ bench, plan }: StepProps) {
  const { place } = bench.draft.settings;
  const units = useUnits();
  const dial = (part: Partial<Place>) => bench.dial("place", part);
  const error = (name: keyof Place) => bench.problem?.field(`/settings/place/${name}`);
  return (
    <Dials>
      <ChoiceDial
        label="They hang from"
        value={place.from}
        choices={{ batten: "batten", hooks: "hooks", rail: "rail", stairs: "stairs" }}
        onChange={(from) => dial({ from, rise_m: null })}
      />
      <LengthField
        label="Long"
        placeholder={1.6}
        value={place.length_m}
        error={error("length_m")}
        onChange={(length_m) => dial({ length_m })}
      />
      <LengthField
        label="Hooks above the floor"
        value={place.height_m}
        error={error("height_m")}
        onChange={(height_m) => height_m !== null && dial({ height_m })}
      />
      {place.from === "stairs" && (
        <LengthField
          label="It climbs by"
          placeholder={length(plan.assumed.rise_m, units)}
          value={place.rise_m}
          error={error("rise_m")}
          onChange={(rise_m) => dial({ rise_m })}
        />
      )}
      <ColourDial
        label="Behind them"
        value={place.colour ?? plan.assumed.colour}
        onChange={(colour) => dial({ colour })}
        error={error("colour")}
        wide={110}
      />
      <Tick label="A fire, heater or lamp close by" checked={place.heat} onChange={(heat) => dial({ heat })} />
      <FigureValue label="Lowest toe, over the floor" figure={plan.figures.toe} />
    </Dials>
  );
}
