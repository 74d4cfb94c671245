import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";
import { surveyField, type Survey } from "./surveyField";

/** A stair with its rail, measured as one flight or by one of its treads. */
export function Stairs({ bench }: StepProps) {
  const { survey } = bench.draft.settings;
  const flight = survey.stair_by === "flight";
  const of = surveyField(survey, bench.problem);
  const dial = (part: Partial<Survey>) => bench.dial("survey", part);
  return (
    <>
      <ChoiceDial
        label="The stair is measured"
        value={survey.stair_by}
        choices={{ flight: "as one flight", tread: "by one tread" }}
        onChange={(stair_by) => dial({ stair_by })}
      />
      <LengthField
        label={flight ? "Going of the whole flight" : "Going of one tread"}
        {...of("going_m")}
        onChange={(going_m) => dial({ going_m })}
        help={flight ? "Along the floor, first to last riser" : "Along the floor, riser to riser"}
        placeholder={flight ? 3 : 0.25}
      />
      <LengthField
        label={flight ? "Rise of the whole flight" : "Rise of one tread"}
        {...of("rise_m")}
        onChange={(rise_m) => dial({ rise_m: rise_m ?? 0 })}
        help={flight ? "Floor below to floor above" : "One tread to the next"}
        placeholder={flight ? 2.7 : 0.18}
      />
      <CountDial label="Steps" value={survey.steps ?? 1} min={1} onChange={(steps) => dial({ steps })} />
      <LengthField
        label="Rail, thickness"
        {...of("diameter_m")}
        onChange={(diameter_m) => diameter_m !== null && dial({ diameter_m })}
      />
      <Tick label="One side free to grasp" checked={survey.free_side} onChange={(free_side) => dial({ free_side })} />
      <Tick label="Newel posts" checked={survey.newel} onChange={(newel) => dial({ newel })} />
    </>
  );
}
