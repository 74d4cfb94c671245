import { useCallback, useRef, useState } from "react";

/**
 * What a form says, and how it is read when it is kept: a length still being read is in it as soon as it is, not only after
 * the next drawing.
 *
 *   const [said, change, latest] = useLatest({ name: "" });
 *   await readings.settled();
 *   send(latest());
 */
export function useLatest<T extends object>(first: T | (() => T)): [T, (part: Partial<T>) => void, () => T] {
  const [said, setSaid] = useState(first);
  const now = useRef(said);
  const change = useCallback((part: Partial<T>) => {
    now.current = { ...now.current, ...part };
    setSaid(now.current);
  }, []);
  const latest = useCallback(() => now.current, []);
  return [said, change, latest];
}
