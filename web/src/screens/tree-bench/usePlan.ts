import { useEffect, useState } from "react";
import { createPlanner, type Dialled, type Planned, type Planner } from "./planner";

/** The plan of what is dialled, and the planner, so that a dial can ask at once instead of after the next drawing. */
export function usePlan(pieceId: string, dialled: Dialled, revision: number): Planned & { planner: Planner } {
  const [planned, setPlanned] = useState<Planned>({ plan: null, problem: null });
  const [planner] = useState(() => createPlanner(pieceId, setPlanned));
  useEffect(() => planner.ask(dialled, revision), [planner, dialled, revision]);
  return { ...planned, planner };
}
