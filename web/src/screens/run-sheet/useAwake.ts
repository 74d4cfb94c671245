import { useEffect } from "react";

/** The screen stays lit while this is on the screen, where the browser can do that. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      try {
        const held = await navigator.wakeLock.request("screen");
        if (gone) void held.release();
        else lock = held;
      } catch {
        // With little battery left a telephone may refuse; then it goes dark as it always does.
      }
    };
    const again = () => void hold();
    void hold();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}
