import { asProblem, isUnreachable, type Problem } from "../api/client";

/** What waits for network: whose it is, a key that makes it count once, and why it was refused once it could be sent. */
export interface Waiting {
  account: string;
  body: { key: string };
  refused?: string;
}

/** What is no word against what was said: no network, no session, or a fault of ours. It is sent again later, never let go. */
export function waitsOn(problem: Problem): boolean {
  return isUnreachable(problem) || problem.status === 401 || problem.status === 429 || problem.status >= 500;
}

/**
 * What waits in this browser, oldest first; the same list as long as it says the same.
 *
 *   const acts = keptList("deck-bough:acts", isAct);
 */
export function keptList<T extends Waiting>(place: string, isOne: (value: unknown) => value is T) {
  const listeners = new Set<() => void>();
  let known: { text: string | null; all: T[] } = { text: null, all: [] };

  function waiting(): T[] {
    const text = localStorage.getItem(place);
    if (text === known.text) return known.all;
    let all: T[] = [];
    try {
      const read: unknown = JSON.parse(text ?? "[]");
      if (Array.isArray(read)) all = read.filter(isOne);
    } catch {
      // What another version or a full disk left half written is no act.
    }
    known = { text, all };
    return all;
  }

  function keep(all: T[]) {
    localStorage.setItem(place, JSON.stringify(all));
    listeners.forEach((listener) => listener());
  }

  return {
    waiting,
    keep,
    /** Adds it, or puts it in the place of one with its key. */
    add(one: T) {
      keep([...waiting().filter(({ body }) => body.key !== one.body.key), one]);
    },
    forget(key: string) {
      keep(waiting().filter(({ body }) => body.key !== key));
    },
    onWaiting(listener: () => void): () => void {
      listeners.add(listener);
      window.addEventListener("storage", listener);
      return () => {
        listeners.delete(listener);
        window.removeEventListener("storage", listener);
      };
    },
  };
}

/**
 * A row of acts that are kept in this browser until there is network, and sent one after the other.
 *
 *   const counts = queueOf("deck-bough:counts", isCount, send);
 */
export function queueOf<T extends Waiting, A>(
  place: string,
  isOne: (value: unknown) => value is T,
  send: (one: T) => Promise<A>,
) {
  const { waiting, keep, add, forget, onWaiting } = keptList(place, isOne);
  return {
    waiting,
    forget,
    onWaiting,
    /** Sends it; without network it waits. @returns the answer, or null while it waits. */
    async write(one: T): Promise<A | null> {
      try {
        return await send(one);
      } catch (error) {
        if (!isUnreachable(asProblem(error))) throw error;
        add(one);
        return null;
      }
    },
    /** Sends what waits of somebody, one after the other. @returns how many were written down. */
    async sendWaiting(account: string): Promise<number> {
      let sent = 0;
      for (const one of waiting().filter((mine) => mine.account === account && !mine.refused)) {
        try {
          await send(one);
          forget(one.body.key);
          sent += 1;
        } catch (error) {
          const problem = asProblem(error);
          if (waitsOn(problem)) return sent;
          keep(
            waiting().map((other) => (other.body.key === one.body.key ? { ...one, refused: problem.message } : other)),
          );
        }
      }
      return sent;
    },
  };
}
