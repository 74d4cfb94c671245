import { createStore, del, entries, set } from "idb-keyval";
import { asProblem } from "../api/client";
import { addPhotograph } from "../api/photographs";
import { waitsOn } from "./queue";
import { visitActs } from "./visitActs";

/** A photograph of a note that waits for network; the note goes first. */
export interface WaitingPicture {
  account: string;
  visit: string;
  /** The key of its note, and its own: it counts once. */
  note: string;
  key: string;
  /** The picture itself: the file it came from may be gone by then. */
  bytes: ArrayBuffer;
  type: string;
}

const listeners = new Set<() => void>();
let count = 0;

const place = () => createStore("deck-bough-pictures", "waiting");

async function waiting(account: string): Promise<WaitingPicture[]> {
  try {
    const all = await entries<string, WaitingPicture>(place());
    return all.map(([, picture]) => picture).filter((one) => one.account === account);
  } catch {
    // A browser that keeps no files keeps no pictures either.
    return [];
  }
}

function tell(now: number) {
  if (now === count) return;
  count = now;
  listeners.forEach((listener) => listener());
}

export const pictures = {
  /** How many of whoever asked last wait. */
  count: () => count,
  onWaiting(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  async keep(picture: WaitingPicture): Promise<void> {
    await set(picture.key, picture, place());
    tell((await waiting(picture.account)).length);
  },
  /** Sends those whose note is written down. @returns how many were taken; what is refused is let go and told */
  async send(account: string, onRefused: (message: string) => void): Promise<number> {
    let sent = 0;
    for (const { note, key, bytes, type } of await waiting(account)) {
      if (visitActs.waiting().some(({ body }) => body.key === note)) continue;
      try {
        await addPhotograph("note", note, new File([bytes], "note", { type }), key);
        sent += 1;
      } catch (error) {
        const problem = asProblem(error);
        if (waitsOn(problem)) break;
        onRefused(problem.message);
      }
      await del(key, place());
    }
    tell((await waiting(account)).length);
    return sent;
  },
};
