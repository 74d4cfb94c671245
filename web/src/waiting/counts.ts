import { ask, asProblem, client, isUnreachable, type Schemas } from "../api/client";

/** A count of a box that waits for network. Its key makes it count once, however often it is sent. */
export interface WaitingCount {
  account: string;
  box: string;
  number: number;
  body: Schemas["BoxCount"];
  /** Why the studio refused it, once it was reached. */
  refused?: string;
}

const PLACE = "deck-bough:counts";
const listeners = new Set<() => void>();
let known: { text: string | null; counts: WaitingCount[] } = { text: null, counts: [] };

function isCount(value: unknown): value is WaitingCount {
  return typeof value === "object" && value !== null && "box" in value && "body" in value && "account" in value;
}

/** All that wait in this browser, oldest first; the same list as long as it says the same. */
export function waiting(): WaitingCount[] {
  const text = localStorage.getItem(PLACE);
  if (text === known.text) return known.counts;
  let counts: WaitingCount[] = [];
  try {
    const read: unknown = JSON.parse(text ?? "[]");
    if (Array.isArray(read)) counts = read.filter(isCount);
  } catch {
    // What another version or a full disk left half written is no count.
  }
  known = { text, counts };
  return counts;
}

function keep(counts: WaitingCount[]) {
  localStorage.setItem(PLACE, JSON.stringify(counts));
  listeners.forEach((listener) => listener());
}

export function onWaiting(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener("storage", listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener("storage", listener);
  };
}

export function forget(key: string) {
  keep(waiting().filter(({ body }) => body.key !== key));
}

function send({ box, body }: WaitingCount) {
  return ask(client.POST("/api/boxes/{id}/counts", { params: { path: { id: box } }, body }));
}

/** Writes a count down; without network it waits. What it says is what differed, or null while it waits. */
export async function write(count: WaitingCount): Promise<Schemas["BoxCounted"] | null> {
  try {
    return await send(count);
  } catch (error) {
    if (!isUnreachable(asProblem(error))) throw error;
    keep([...waiting().filter(({ body }) => body.key !== count.body.key), count]);
    return null;
  }
}

/** Sends what waits of somebody, one after the other. @returns how many were written down. */
export async function sendWaiting(account: string): Promise<number> {
  let sent = 0;
  for (const count of waiting().filter((one) => one.account === account && !one.refused)) {
    try {
      await send(count);
      forget(count.body.key);
      sent += 1;
    } catch (error) {
      const problem = asProblem(error);
      if (isUnreachable(problem) || problem.status === 401) return sent;
      keep(waiting().map((one) => (one.body.key === count.body.key ? { ...one, refused: problem.message } : one)));
    }
  }
  return sent;
}
