import { useEffect, useState } from "react";
import type { Kind, PlanOf } from "./kinds";
import { createPlanner, type Dialled, type Planned, type Planner } from "./planner";

/** The plan of what is dialled, and the planner, so that a dial can ask at once instead of after the next drawing. */
export function usePlan<K extends Kind>(
  pieceId: string,
  dialled: Dialled,
  revision: number,
): Planned<PlanOf<K>> & { planner: Planner } {
  const [planned, setPlanned] = useState<Planned<PlanOf<K>>>({ plan: null, problem: null });
  const [planner] = useState(() => createPlanner<PlanOf<K>>(pieceId, setPlanned));
  useEffect(() => planner.ask(dialled, revision), [planner, dialled, revision]);
  return { ...planned, planner };
}
