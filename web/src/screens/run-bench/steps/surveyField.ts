import type { Schemas } from "../../../api/client";
import type { StepProps } from "./StepDials";

export type Survey = Schemas["RunSettings"]["survey"];

/** Value and objection of one measure of a run's survey, as a field takes them. */
export function surveyField(survey: Survey, problem: StepProps["bench"]["problem"]) {
  return (name: keyof Survey) => ({
    value: survey[name] as number | null,
    error: problem?.field(`/settings/survey/${name}`),
  });
}
