import { useState } from "react";
import { asProblem, type Problem, type Schemas } from "./client";

/** What somebody else made of it meanwhile, and what both changed in words where the server tells it. */
export interface Clash<T> {
  theirs: T;
  differences: Schemas["Difference"][];
}

/**
 * The one way of things that carry a version: a refusal is either a problem to be shown, or, when somebody else was faster, their
 * state to be chosen from. Nothing typed is lost in either.
 *
 *   const { clash, problem, refused, settle, version } = useVersioned(home);
 *   try { await keep(version); settle(); } catch (error) { refused(error); }
 */
export function useVersioned<T extends { version: number }>(known: T | undefined) {
  const [seen, setSeen] = useState(0);
  const [clash, setClash] = useState<Clash<T> | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  return {
    clash,
    problem,
    /** The latest there was word of: what is kept after their state was shown is meant on that. */
    version: Math.max(known?.version ?? 0, seen),
    refused: (error: unknown) => {
      const told = asProblem(error);
      const { current, differences } = told.details;
      if (told.status === 409 && current && known) {
        const theirs: T = { ...known, ...current };
        setSeen(theirs.version);
        setClash({ theirs, differences: differences ?? [] });
      } else setProblem(told);
    },
    /** Kept, or chosen: neither stands in the way any more. */
    settle: () => {
      setClash(null);
      setProblem(null);
    },
  };
}
