import { useEffect, useSyncExternalStore } from "react";
import { BEFORE_TRYING_AGAIN, SIGNED_IN } from "../api/client";
import { keys, queryClient } from "../api/queries";
import { onWaiting, sendWaiting, waiting } from "./counts";

/** Counts of this person that wait for network; they are sent as soon as there is some. */
export function useWaiting(account: string | undefined) {
  const counts = useSyncExternalStore(onWaiting, waiting).filter((one) => one.account === account);
  const pending = counts.filter(({ refused }) => !refused).length;
  useEffect(() => {
    if (!account || pending === 0) return undefined;
    const send = async () => {
      if ((await sendWaiting(account)) > 0) await queryClient.invalidateQueries({ queryKey: keys.styles });
    };
    void send();
    const again = window.setInterval(() => void send(), BEFORE_TRYING_AGAIN);
    const now = () => void send();
    window.addEventListener("online", now);
    window.addEventListener(SIGNED_IN, now);
    return () => {
      window.clearInterval(again);
      window.removeEventListener("online", now);
      window.removeEventListener(SIGNED_IN, now);
    };
  }, [account, pending]);
  return counts;
}
