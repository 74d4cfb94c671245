import { Children, startTransition, useEffect, useState, type ReactNode } from "react";

/** Once all of it stood, whatever is added stands at once: nothing below it is taken away and built anew. */
const ALL = Infinity;

/** How many stand next, when so many of so many parts stand. */
export function standingNext(built: number, parts: number): number {
  return built + 1 < parts ? built + 1 : ALL;
}

/**
 * How many of its parts a heavy screen has built so far: one, then one more each time those stand, so that input never
 * waits for all of them at once.
 *
 *   const built = useInTurn(3);
 */
export function useInTurn(parts: number): number {
  const [built, setBuilt] = useState(standingNext(0, parts));
  useEffect(() => {
    if (built < ALL) startTransition(() => setBuilt(standingNext(built, parts)));
  }, [built, parts]);
  return built;
}

/** What stands below one another, built in turn. */
export function InTurn({ children }: { children: ReactNode }) {
  const parts = Children.toArray(children);
  return parts.slice(0, useInTurn(parts.length));
}
