import { useState } from "react";
import { asProblem, type Problem, type Schemas } from "../api/client";

/** What somebody else made of it meanwhile, and what both changed in words where the server tells it. */
export interface Clash<T> {
  theirs: T;
  differences: Schemas["Difference"][];
}

/**
 * The way of a bench, whose dials the server puts together: a refusal is either a problem to be shown, or, when somebody else turned
 * the same dial, their state to be chosen from. Nothing dialled is lost in either. Forms have useKeptForm.
 *
 *   const { clash, problem, refused, settle } = useVersioned(piece);
 *   try { await keep(version); settle(); } catch (error) { refused(error); }
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
      if (told.status === 409 && current && known) {
        setClash({ theirs: { ...known, ...current }, differences: differences ?? [] });
      } else setProblem(told);
    },
    /** Kept, or chosen: neither stands in the way any more. */
    settle: () => {
      setClash(null);
      setProblem(null);
    },
  };
}
