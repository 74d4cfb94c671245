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
 *   const { clash, problem, refused, settle } = useVersioned(home);
 *   try { await keep(); settle(); } catch (error) { refused(error); }
 */
export function useVersioned<T extends object>(known: T | undefined) {
  const [clash, setClash] = useState<Clash<T> | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  return {
    clash,
    problem,
    refused: (error: unknown) => {
      const told = asProblem(error);
      const { current, differences } = told.details;
      if (told.status === 409 && current && known)
        setClash({ theirs: { ...known, ...current }, differences: differences ?? [] });
      else setProblem(told);
    },
    /** Kept, or chosen: neither stands in the way any more. */
    settle: () => {
      setClash(null);
      setProblem(null);
    },
  };
}
