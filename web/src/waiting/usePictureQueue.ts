import { useEffect, useSyncExternalStore } from "react";
import { BEFORE_TRYING_AGAIN } from "../api/client";
import { keys, queryClient } from "../api/queries";
import { useUndo } from "../parts/undo";
import { pictures } from "./pictures";

/** Photographs of notes that wait in this browser; each is sent after its note. @returns how many */
export function usePictureQueue(account: string | undefined, waitingActs: number): number {
  const { say } = useUndo();
  const kept = useSyncExternalStore(pictures.onWaiting, pictures.count);
  useEffect(() => {
    if (!account) return undefined;
    const send = async () => {
      const sent = await pictures.send(account, (message) => say(`A photograph was refused: ${message}`));
      if (sent > 0) await queryClient.invalidateQueries({ queryKey: keys.runStates });
    };
    void send();
    if (kept === 0) return undefined;
    const again = window.setInterval(() => void send(), BEFORE_TRYING_AGAIN);
    return () => window.clearInterval(again);
  }, [account, kept, waitingActs, say]);
  return kept;
}
