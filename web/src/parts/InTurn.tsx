import { Children, startTransition, useEffect, useState, type ReactNode } from "react";

/**
 * How many of its parts a heavy screen has built so far: one, then one more each time those stand, so that input never
 * waits for all of them at once.
 *
 *   const built = useInTurn(3);
 */
export function useInTurn(parts: number): number {
  const [built, setBuilt] = useState(1);
  useEffect(() => {
    if (built < parts) startTransition(() => setBuilt((before) => before + 1));
  }, [built, parts]);
  return built;
}

/** What stands below one another, built in turn. */
export function InTurn({ children }: { children: ReactNode }) {
  const parts = Children.toArray(children);
  return parts.slice(0, useInTurn(parts.length));
}
