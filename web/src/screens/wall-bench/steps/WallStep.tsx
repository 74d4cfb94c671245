import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ColourDial } from "../../../parts/ColourDial";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Wall = Schemas["WallSettings"]["wall"];

/** Windows or cabinet doors, one wreath in each. */
function Openings({ bench, plan }: StepProps) {
  const { wall } = bench.draft.settings;
  const { assumed } = plan;
  const units = useUnits();
  const dial = (part: Partial<Wall>) => bench.dial("wall", part);
  const error = (name: keyof Wall) => bench.problem?.field(`/settings/wall/${name}`);
  return (
    <>
      <ChoiceDial
        label="Openings"
        value={wall.opening}
        choices={{ window: "windows", cabinet: "cabinet doors" }}
        onChange={(opening) => dial({ opening })}
      />
      <CountDial label="How many" value={wall.openings} min={1} most={12} onChange={(openings) => dial({ openings })} />
      <LengthField
        label="Each, across"
        placeholder={length(assumed.opening_width_m, units)}
        value={wall.opening_width_m}
        error={error("opening_width_m")}
        onChange={(opening_width_m) => dial({ opening_width_m })}
      />
      <LengthField
        label="Each, up"
        placeholder={length(assumed.opening_height_m, units)}
        value={wall.opening_height_m}
        error={error("opening_height_m")}
        onChange={(opening_height_m) => dial({ opening_height_m })}
      />
      <LengthField
        label="Above the floor"
        placeholder={length(assumed.opening_floor_m, units)}
        value={wall.opening_floor_m}
        error={error("opening_floor_m")}
        onChange={(opening_floor_m) => dial({ opening_floor_m })}
      />
      <LengthField
        label="Between two"
        value={wall.between_m}
        error={error("between_m")}
        onChange={(between_m) => between_m !== null && dial({ between_m })}
      />
    </>
  );
}

/** What the group is centred on: furniture below it, a picture or mirror between a pair. */
function Thing({ bench }: StepProps) {
  const { wall, arrange } = bench.draft.settings;
  const what = arrange.arrangement === "flanking" ? "Between them" : "Furniture below";
  const dial = (part: Partial<Wall>) => bench.dial("wall", part);
  const error = (name: keyof Wall) => bench.problem?.field(`/settings/wall/${name}`);
  return (
    <>
      <LengthField
        label={`${what}, across`}
        placeholder="none"
        value={wall.thing_width_m}
        error={error("thing_width_m")}
        onChange={(thing_width_m) => dial({ thing_width_m })}
      />
      {wall.thing_width_m !== null && (
        <>
          <LengthField
            label="From the left"
            placeholder="in the middle"
            value={wall.thing_left_m}
            error={error("thing_left_m")}
            onChange={(thing_left_m) => dial({ thing_left_m })}
          />
          <LengthField
            label="Its lower edge"
            value={wall.thing_floor_m}
            error={error("thing_floor_m")}
            onChange={(thing_floor_m) => thing_floor_m !== null && dial({ thing_floor_m })}
          />
          <LengthField
            label="Its height"
            value={wall.thing_height_m}
            error={error("thing_height_m")}
            onChange={(thing_height_m) => thing_height_m !== null && dial({ thing_height_m })}
          />
        </>
      )}
    </>
  );
}

/** The wall, measured, with what is on it and before it. */
export function WallStep(props: StepProps) {
  const { bench, plan } = props;
  const { wall, arrange } = bench.draft.settings;
  const dial = (part: Partial<Wall>) => bench.dial("wall", part);
  const error = (name: keyof Wall) => bench.problem?.field(`/settings/wall/${name}`);
  return (
    <Dials>
      <FromSurvey pieceId={props.piece.id} take={dial} />
      <LengthField
        label="Wall, across"
        placeholder={3}
        value={wall.width_m}
        error={error("width_m")}
        onChange={(width_m) => dial({ width_m })}
      />
      <LengthField
        label="Wall, up"
        value={wall.height_m}
        error={error("height_m")}
        onChange={(height_m) => height_m !== null && dial({ height_m })}
      />
      <ColourDial
        label="Its colour"
        value={wall.colour ?? plan.assumed.colour}
        onChange={(colour) => dial({ colour })}
        error={error("colour")}
      />
      {arrange.arrangement === "openings" && <Openings {...props} />}
      <Thing {...props} />
      <Tick label="Outdoors" checked={wall.outdoors} onChange={(outdoors) => dial({ outdoors })} />
    </Dials>
  );
}
