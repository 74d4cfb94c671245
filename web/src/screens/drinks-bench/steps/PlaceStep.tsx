import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { ColourDial } from "../../../parts/ColourDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Place = Schemas["DrinksSettings"]["place"];
type Lifted = Place["lifted"][number];

const MOST = declared.drinks.place.lifted.most;

/** Where the corner is, what stands under and behind the jars, what makes room for it. */
export function PlaceStep({ bench, plan, piece }: StepProps) {
  const { place } = bench.draft.settings;
  const dial = (part: Partial<Place>) => bench.dial("place", part);
  const error = (name: string) => bench.problem?.field(`/settings/place/${name}`);
  const change = (index: number, part: Partial<Lifted>) =>
    dial({ lifted: place.lifted.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  return (
    <Dials>
      <FromSurvey pieceId={piece.id} take={dial} />
      <LengthField
        label="Long"
        placeholder={0.9}
        value={place.length_m}
        error={error("length_m")}
        onChange={(length_m) => dial({ length_m })}
      />
      <LengthField
        label="Deep"
        value={place.depth_m}
        error={error("depth_m")}
        onChange={(depth_m) => depth_m !== null && dial({ depth_m })}
      />
      <LengthField
        label="Above the floor"
        value={place.height_m}
        error={error("height_m")}
        onChange={(height_m) => height_m !== null && dial({ height_m })}
      />
      <ChoiceDial
        label="Under the jars"
        value={place.under}
        choices={{ board: "board", runner: "runner", tray: "tray" }}
        onChange={(under) => dial({ under })}
      />
      <Tick label="It is sprayed or painted" checked={place.painted} onChange={(painted) => dial({ painted })} />
      <ChoiceDial
        label="Behind them"
        value={place.behind}
        choices={{ nothing: "nothing", board: "board", mirror: "mirror", greens: "greens" }}
        onChange={(behind) => dial({ behind })}
      />
      <ColourDial
        label="The wall"
        value={place.colour ?? plan.assumed.colour}
        onChange={(colour) => dial({ colour })}
        error={error("colour")}
      />
      <Entries
        label="Make room: what is put away"
        noun="thing"
        entries={place.lifted}
        onRemove={(index) => dial({ lifted: place.lifted.filter((_, i) => i !== index) })}
        row={(lifted, i) => (
          <>
            <TextField
              label="What"
              value={lifted.what}
              error={Boolean(error(`lifted/${i}/what`))}
              helperText={error(`lifted/${i}/what`)}
              onChange={(event) => change(i, { what: event.target.value })}
            />
            <TextField
              label="Where it goes"
              value={lifted.to}
              error={Boolean(error(`lifted/${i}/to`))}
              helperText={error(`lifted/${i}/to`)}
              onChange={(event) => change(i, { to: event.target.value })}
            />
          </>
        )}
        add={
          place.lifted.length < MOST ? (
            <AddEntry
              label="A thing to put away"
              onClick={() => dial({ lifted: [...place.lifted, { what: "", to: "" }] })}
            />
          ) : null
        }
      />
    </Dials>
  );
}
