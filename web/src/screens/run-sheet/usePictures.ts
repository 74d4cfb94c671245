import { useEffect, useSyncExternalStore } from "react";
import { BEFORE_TRYING_AGAIN } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { pictures } from "../../waiting/pictures";

/** Photographs of notes: kept in this browser, sent after their note when there is network. */
export function useNotePictures(visit: string, account: string | undefined, keptActs: number) {
  const { say } = useUndo();
  const kept = useSyncExternalStore(pictures.onWaiting, pictures.count);

  useEffect(() => {
    if (!account) return undefined;
    const send = async () => {
      const sent = await pictures.send(account, (message) => say(`A photograph was refused: ${message}`));
      if (sent > 0) await queryClient.invalidateQueries({ queryKey: keys.runState(visit) });
    };
    void send();
    if (kept === 0) return undefined;
    const again = window.setInterval(() => void send(), BEFORE_TRYING_AGAIN);
    return () => window.clearInterval(again);
  }, [account, kept, keptActs, say, visit]);

  return {
    kept,
    keep: async (note: string, file: File) => {
      if (!account) return;
      try {
        const bytes = await file.arrayBuffer();
        await pictures.keep({ account, visit, note, key: newKey(), bytes, type: file.type });
      } catch {
        say("This browser keeps no photographs. Take it where there is network.");
      }
    },
  };
}
