import { useEffect, useState } from "react";
import type { Kind } from "../kinds/kind";
import { BEFORE_TRYING_AGAIN, isUnreachable } from "../api/client";
import { createPlanner, type Dialled, type Planned, type Planner } from "./planner";

/** The plan of what is dialled, and the planner, so that a dial can ask at once instead of after the next drawing. */
export function usePlan<K extends Kind>(
  kind: K,
  pieceId: string,
  dialled: Dialled,
  revision: number,
): Planned<K> & { planner: Planner } {
  const [planned, setPlanned] = useState<Planned<K>>({ plan: null, problem: null });
  const [planner] = useState(() => createPlanner<K>(kind, pieceId, setPlanned));
  useEffect(() => planner.ask(dialled, revision), [planner, dialled, revision]);
  const lost = isUnreachable(planned.problem);
  useEffect(() => {
    if (!lost) return;
    const timer = setInterval(() => planner.ask(dialled, performance.now()), BEFORE_TRYING_AGAIN);
    return () => clearInterval(timer);
  }, [lost, planner, dialled]);
  return { ...planned, planner };
}
