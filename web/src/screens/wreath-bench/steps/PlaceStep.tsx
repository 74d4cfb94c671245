import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ColourDial } from "../../../parts/ColourDial";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { HOST_NAMES } from "../words";
import { Ways } from "./Ways";
import type { StepProps } from "./StepDials";

type Place = Schemas["WreathSettings"]["place"];
type Host = Place["host"];

const WIDTHS: Partial<Record<Host, string>> = { pair: "Width of both leaves", lying: "Base, across" };
const DOORS: Host[] = ["door", "pair"];

/** What is on a door and stays free of greens. */
function Fittings({ bench }: StepProps) {
  const { place } = bench.draft.settings;
  const dial = (part: Partial<Place>) => bench.dial("place", part);
  const error = (name: keyof Place) => bench.problem?.field(`/settings/place/${name}`);
  return (
    <>
      <ChoiceDial
        label="Handle"
        value={place.handle}
        choices={{ none: "none", left: "left", right: "right" }}
        onChange={(handle) => dial({ handle })}
      />
      {place.handle !== "none" && (
        <LengthField
          label="Handle above the floor"
          value={place.handle_m}
          error={error("handle_m")}
          onChange={(handle_m) => handle_m !== null && dial({ handle_m })}
        />
      )}
      <LengthField
        label="Knocker above the floor"
        placeholder="none"
        value={place.knocker_m}
        error={error("knocker_m")}
        onChange={(knocker_m) => dial({ knocker_m })}
      />
      <LengthField
        label="Letter slot above the floor"
        placeholder="none"
        value={place.slot_m}
        error={error("slot_m")}
        onChange={(slot_m) => dial({ slot_m })}
      />
      <LengthField
        label="Glass from"
        placeholder="none"
        value={place.glass_from_m}
        error={error("glass_from_m")}
        onChange={(glass_from_m) => dial({ glass_from_m })}
      />
      <LengthField
        label="Glass to"
        placeholder="none"
        value={place.glass_to_m}
        error={error("glass_to_m")}
        onChange={(glass_to_m) => dial({ glass_to_m })}
      />
      <ChoiceDial
        label="Opens"
        value={place.opens}
        choices={{ inward: "inward", outward: "outward" }}
        onChange={(opens) => dial({ opens })}
      />
      <LengthField
        label="Gap to a storm door"
        placeholder="no storm door"
        value={place.storm_gap_m}
        error={error("storm_gap_m")}
        onChange={(storm_gap_m) => dial({ storm_gap_m })}
      />
    </>
  );
}

/** What it hangs on, measured, and whether it reads against that. */
export function PlaceStep(props: StepProps) {
  const { bench, plan, piece } = props;
  const told = (wanted: string) => plan.cautions.some(({ code }) => code === wanted);
  const [dull, helped] = [told("wreath_dull"), told("wreath_dull_helped")];
  const { place } = bench.draft.settings;
  const units = useUnits();
  const dial = (part: Partial<Place>) => bench.dial("place", part);
  const error = (name: keyof Place) => bench.problem?.field(`/settings/place/${name}`);
  return (
    <Dials>
      <FromSurvey pieceId={piece.id} take={dial} />
      <TextField
        select
        label="It hangs on"
        value={place.host}
        onChange={(event) => dial({ host: event.target.value as Host })}
      >
        {(Object.keys(HOST_NAMES) as Host[]).map((host) => (
          <MenuItem key={host} value={host}>
            {HOST_NAMES[host]}
          </MenuItem>
        ))}
      </TextField>
      <LengthField
        label={WIDTHS[place.host] ?? "Width"}
        placeholder={0.9}
        value={place.width_m}
        error={error("width_m")}
        onChange={(width_m) => dial({ width_m })}
      />
      <LengthField
        label="Height"
        placeholder={length(plan.assumed.height_m, units)}
        value={place.height_m}
        error={error("height_m")}
        onChange={(height_m) => dial({ height_m })}
      />
      {!DOORS.includes(place.host) && (
        <LengthField
          label={place.host === "lying" ? "Table above the floor" : "Above the floor"}
          placeholder={length(plan.assumed.floor_m, units)}
          value={place.floor_m}
          error={error("floor_m")}
          onChange={(floor_m) => dial({ floor_m })}
        />
      )}
      <ColourDial
        label="Its colour"
        value={place.colour ?? plan.assumed.colour}
        onChange={(colour) => dial({ colour })}
        error={error("colour")}
      />
      <FigureValue
        label="Lighter or darker than it by"
        figure={plan.figures.delta_l}
        note={dull ? "reads dull" : helped ? "greens read dull, what is on them does not" : "reads well"}
      />
      <Ways bench={bench} piece={piece} about="helps" label="What would help" wanted={dull} />
      <LengthField
        label="Backing behind it, across"
        placeholder="none"
        value={place.backing_m}
        error={error("backing_m")}
        onChange={(backing_m) => dial({ backing_m })}
      />
      {place.backing_m !== null && (
        <ColourDial
          label="Backing's colour"
          value={place.backing_colour ?? plan.drawing.host.backing_colour}
          onChange={(colour) => dial({ backing_colour: colour })}
          wide={130}
        />
      )}
      {DOORS.includes(place.host) && <Fittings {...props} />}
      <Tick label="Outdoors" checked={place.outdoors} onChange={(outdoors) => dial({ outdoors })} />
    </Dials>
  );
}
