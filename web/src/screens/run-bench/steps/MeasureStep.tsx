import { useHints } from "../../../api/queries";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthDial } from "../../../parts/LengthDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { Stairs } from "./Stairs";
import { surveyField, type Survey } from "./surveyField";
import { KIND_NAMES } from "../RunPane";
import type { StepProps } from "./StepDials";

type Kind = Survey["kind"];

const SURFACES: Record<Survey["surface"], string> = {
  painted: "smooth paint",
  fresh_paint: "fresh paint",
  wallpaper: "wallpaper",
  brick: "brick",
  stone: "stone",
  tile: "tile",
  wood: "wood",
  plaster: "plaster",
  glass: "glass",
  metal: "metal",
};

const METHODS: Record<Schemas["RunSettings"]["length"]["method"], string> = {
  laid: "laid",
  swags: "in swags",
  wrapped: "wrapped round",
  woven: "woven",
};
const WOUND: Kind[] = ["rail", "rod", "opening", "ring"];
const ON_A_SHELF: Kind[] = ["mantel", "ledge", "table"];

/** How the garland goes along the run. */
function Way({ bench, plan }: StepProps) {
  const { length, survey } = bench.draft.settings;
  const hint = useHints();
  const ways = (Object.keys(METHODS) as (keyof typeof METHODS)[]).filter(
    (way) => way === "laid" || way === "swags" || WOUND.includes(survey.kind),
  );
  return (
    <>
      <ChoiceDial
        label="The garland is"
        value={length.method}
        choices={ways.map((value) => ({ value, label: METHODS[value] }))}
        onChange={(method) => bench.dial("length", { method })}
      />
      {length.method === "swags" && (
        <>
          <CountDial label="Swags" value={length.spans} min={1} onChange={(spans) => bench.dial("length", { spans })} />
          <LengthDial
            label="Sag"
            value={length.sag_m}
            from={0.04}
            to={0.6}
            step={0.01}
            onChange={(sag_m) => bench.dial("length", { sag_m })}
          />
        </>
      )}
      {length.method === "wrapped" && (
        <LengthDial
          label="Pitch"
          value={length.pitch_m}
          from={0.3}
          to={0.8}
          step={0.01}
          onChange={(pitch_m) => bench.dial("length", { pitch_m })}
          help={hint("run/length/pitch_m")}
        />
      )}
      <FigureValue label="Run" figure={plan.figures.run} />
      <FigureValue label="Garland it takes" figure={plan.figures.garland} />
    </>
  );
}

/** The firebox under a mantel and what hangs above it. */
function Round({ bench, plan }: StepProps) {
  const { survey } = bench.draft.settings;
  const firebox = survey.firebox ?? plan.assumed.firebox;
  const of = surveyField(survey, bench.problem);
  const dial = (part: Partial<Survey>) => bench.dial("survey", part);
  return (
    <>
      <ChoiceDial
        label="Firebox"
        value={firebox}
        choices={{ none: "none", cold: "never lit", working: "works" }}
        help={survey.firebox === null && firebox === "working" ? "As the room's survey says" : undefined}
        onChange={(firebox) => dial({ firebox })}
      />
      {firebox !== "none" && (
        <>
          <LengthField
            label="Firebox, width"
            {...of("firebox_width_m")}
            onChange={(firebox_width_m) => firebox_width_m !== null && dial({ firebox_width_m })}
          />
          <LengthField
            label="Firebox, height"
            {...of("firebox_height_m")}
            onChange={(firebox_height_m) => firebox_height_m !== null && dial({ firebox_height_m })}
          />
        </>
      )}
      {firebox === "working" && (
        <Tick
          label="Lit while dressed"
          checked={survey.dressed_lit}
          onChange={(dressed_lit) => dial({ dressed_lit })}
        />
      )}
      <LengthField
        label="Mirror above, width"
        {...of("mirror_width_m")}
        onChange={(mirror_width_m) => dial({ mirror_width_m: mirror_width_m ?? 0 })}
      />
      <LengthField
        label="Mirror above, height"
        {...of("mirror_height_m")}
        onChange={(mirror_height_m) => dial({ mirror_height_m: mirror_height_m ?? 0 })}
      />
    </>
  );
}

function Shelf({ bench }: StepProps) {
  const { survey } = bench.draft.settings;
  const of = surveyField(survey, bench.problem);
  const dial = (part: Partial<Survey>) => bench.dial("survey", part);
  return (
    <>
      <LengthField label="Length" placeholder={1.5} {...of("length_m")} onChange={(length_m) => dial({ length_m })} />
      {ON_A_SHELF.includes(survey.kind) && (
        <LengthField label="Depth" placeholder={0.15} {...of("depth_m")} onChange={(depth_m) => dial({ depth_m })} />
      )}
      {["frame", "mirror"].includes(survey.kind) && (
        <LengthField
          label="Height of the sides"
          {...of("side_m")}
          onChange={(side_m) => dial({ side_m: side_m ?? 0 })}
        />
      )}
    </>
  );
}

/** What is dressed and where it is, measured. */
export function MeasureStep(props: StepProps) {
  const { bench } = props;
  const { survey } = bench.draft.settings;
  const of = surveyField(survey, bench.problem);
  const dial = (part: Partial<Survey>) => bench.dial("survey", part);
  return (
    <Dials>
      <FromSurvey pieceId={props.piece.id} take={dial} />
      <TextField
        select
        label="What is dressed"
        value={survey.kind}
        onChange={(event) => dial({ kind: event.target.value as Kind })}
      >
        {(Object.keys(KIND_NAMES) as Kind[]).map((kind) => (
          <MenuItem key={kind} value={kind}>
            {KIND_NAMES[kind]}
          </MenuItem>
        ))}
      </TextField>
      {survey.kind === "rail" ? (
        <Stairs {...props} />
      ) : survey.kind === "ring" ? (
        <LengthField
          label="Diameter"
          {...of("diameter_m")}
          onChange={(diameter_m) => diameter_m !== null && dial({ diameter_m })}
        />
      ) : (
        <Shelf {...props} />
      )}
      <LengthField
        label={survey.kind === "rail" ? "Rail above the tread" : "Above the floor"}
        {...of("height_m")}
        onChange={(height_m) => dial({ height_m })}
        placeholder={props.plan.assumed.height_m}
      />
      <Way {...props} />
      {!["ring", "frame", "mirror", "rail"].includes(survey.kind) && (
        <>
          <LengthField
            label="Drop at the left"
            {...of("left_drop_m")}
            onChange={(left_drop_m) => dial({ left_drop_m: left_drop_m ?? 0 })}
          />
          <LengthField
            label="Drop at the right"
            {...of("right_drop_m")}
            onChange={(right_drop_m) => dial({ right_drop_m: right_drop_m ?? 0 })}
          />
        </>
      )}
      <TextField
        select
        label="Surface"
        value={survey.surface}
        onChange={(event) => dial({ surface: event.target.value as Survey["surface"] })}
      >
        {(Object.keys(SURFACES) as (keyof typeof SURFACES)[]).map((surface) => (
          <MenuItem key={surface} value={surface}>
            {SURFACES[surface]}
          </MenuItem>
        ))}
      </TextField>
      <LengthField
        label="Socket from the left end"
        placeholder={0.3}
        {...of("socket_m")}
        onChange={(socket_m) => dial({ socket_m })}
        help="The plug end goes there"
      />
      <ChoiceDial
        label="Below it"
        value={survey.below}
        choices={{ floor: "floor", seat: "a seat", bed: "a bed" }}
        onChange={(below) => dial({ below })}
      />
      {survey.kind === "mantel" && <Round {...props} />}
    </Dials>
  );
}
