import type { Schemas } from "../../api/client";

export type ViewpointDraft = Schemas["ViewpointFields"];

/** What was told of a place to look from, its own eye too, as it is told again when it is changed. */
export function draftOf(view: Schemas["ViewSeen"]): ViewpointDraft {
  const { name, kind, x_m, y_m, heading_deg, own_eye_m } = view;
  return { name, kind, x_m, y_m, heading_deg, eye_m: own_eye_m };
}
