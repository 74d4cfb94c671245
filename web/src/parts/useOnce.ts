import { useRef, useState } from "react";

/**
 * One act at a time: what is pressed again while it is under way counts once, even before its button is drawn anew.
 *
 *   const { busy, once } = useOnce();
 *   <Button disabled={busy} onClick={() => void once(add)}>Add</Button>
 */
export function useOnce() {
  const [busy, setBusy] = useState(false);
  const underWay = useRef(false);

  /** @returns what the act gives, or nothing where another is under way */
  async function once<T>(act: () => Promise<T>): Promise<T | undefined> {
    if (underWay.current) return undefined;
    underWay.current = true;
    setBusy(true);
    try {
      return await act();
    } finally {
      underWay.current = false;
      setBusy(false);
    }
  }

  return { busy, once };
}
