import { useEffect, useState } from "react";
import type { Kind } from "../kinds/kind";
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
  return { ...planned, planner };
}
