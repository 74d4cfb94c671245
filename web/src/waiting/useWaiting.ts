import { useEffect, useSyncExternalStore } from "react";
import { BEFORE_TRYING_AGAIN, SIGNED_IN } from "../api/client";
import { keys, queryClient } from "../api/queries";
import { counts } from "./counts";
import { purchases } from "./purchases";
import { sendVisitActs, visitActs } from "./visitActs";

interface Queue<T> {
  waiting: () => T[];
  onWaiting: (listener: () => void) => () => void;
  sendWaiting: (account: string) => Promise<number>;
}

/** What of this person waits for network; it is sent as soon as there is some. */
function useQueue<T extends { account: string; refused?: string }>(
  queue: Queue<T>,
  account: string | undefined,
  stale: readonly unknown[] | null,
): T[] {
  const mine = useSyncExternalStore(queue.onWaiting, queue.waiting).filter((one) => one.account === account);
  const pending = mine.filter(({ refused }) => !refused).length;
  useEffect(() => {
    if (!account || pending === 0) return undefined;
    const send = async () => {
      if ((await queue.sendWaiting(account)) > 0 && stale) await queryClient.invalidateQueries({ queryKey: stale });
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
  }, [account, pending, queue, stale]);
  return mine;
}

/** Counts of boxes that wait. */
export function useWaiting(account: string | undefined) {
  return useQueue(counts, account, keys.styles);
}

/** What was bought and waits. */
export function useWaitingPurchases(account: string | undefined) {
  return useQueue(purchases, account, keys.buying);
}

const said = { ...visitActs, sendWaiting: sendVisitActs };

/** What was said in visits and waits; how far the work is comes with the answer. */
export function useWaitingVisitActs(account: string | undefined) {
  return useQueue(said, account, null);
}
