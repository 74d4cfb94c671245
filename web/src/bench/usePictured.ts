import { startTransition, useEffect, useState } from "react";
import { afterPaint } from "../parts/afterPaint";

/**
 * The plan a bench pictures. Figures and ledger come first, the picture follows when they are on the screen; one that is
 * out of date by then is never painted. The first time the whole bench is built that way, in slices that let input
 * through.
 */
export function usePictured<Plan extends object>(plan: Plan | null): Plan | null {
  const [pictured, setPictured] = useState<Plan | null>(null);
  const first = pictured === null;
  useEffect(() => {
    const show = () => startTransition(() => setPictured(plan));
    if (!first) return afterPaint(show);
    show();
  }, [plan, first]);
  return pictured;
}
