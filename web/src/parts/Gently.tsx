import { useDeferredValue, type ReactNode } from "react";
import { Loading } from "./Loading";

/**
 * Builds a heavy screen in slices that let input through, instead of in one go when its answer comes in.
 *
 *   <Gently what="the survey"><SurveyDesk … /></Gently>
 */
export function Gently({ what, children }: { what: string; children: ReactNode }) {
  const begun = useDeferredValue(true, false);
  return begun ? children : <Loading what={what} />;
}
