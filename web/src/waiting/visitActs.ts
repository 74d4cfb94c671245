import { ask, asProblem, client, type Schemas } from "../api/client";
import { keys, queryClient } from "../api/queries";
import { keptList, waitsOn } from "./queue";
import { rememberState } from "./runStates";
import { onTheWall } from "./wallClock";

export type VisitAct = Schemas["VisitActs"]["acts"][number];

/** Something said in a visit that is not yet written down. Its key makes it count once, however often it is sent. */
export interface WaitingVisitAct {
  account: string;
  /** Who, as others read it. */
  by: string;
  visit: string;
  /** What it says in a list, should it be refused. */
  name: string;
  body: VisitAct;
  refused?: string;
}

/** So many are sent at once. */
const BATCH = 100;
/** Milliseconds after which a network that says nothing is none: what is on its way is sent again, and counts once. */
const LONGEST = 20_000;

function isVisitAct(value: unknown): value is WaitingVisitAct {
  return typeof value === "object" && value !== null && "visit" in value && "body" in value && "account" in value;
}

/** Whatever is said in a visit is kept here first: a telephone that goes out loses none of it. */
export const visitActs = keptList("deck-bough:visit-acts", isVisitAct);

let sending = false;

/** Sends what waits of somebody in the order it was said. @returns how many were written down. */
export async function sendVisitActs(account: string): Promise<number> {
  if (sending) return 0;
  sending = true;
  let sent = 0;
  try {
    for (;;) {
      const mine = visitActs.waiting().filter((one) => one.account === account && !one.refused);
      const visit = mine[0]?.visit;
      if (!visit) return sent;
      const batch = mine.filter((one) => one.visit === visit).slice(0, BATCH);
      if (!(await sendBatch(visit, batch))) return sent;
      sent += batch.length;
    }
  } finally {
    sending = false;
  }
}

/** @returns whether it was taken or refused; else it waits */
async function sendBatch(visit: string, batch: WaitingVisitAct[]): Promise<boolean> {
  const told = new Set(batch.map(({ body }) => body.key));
  try {
    const params = { path: { id: visit } };
    const body = { sent_at: onTheWall(), acts: batch.map((one) => one.body) };
    const { refused, ...state } = await ask(
      client.POST("/api/visits/{id}/acts", { params, body, signal: AbortSignal.timeout(LONGEST) }),
    );
    const why = new Map(refused.map(({ key, message }) => [key, message]));
    // First what is known of the work, then what waits: in between nothing that was said is missing.
    await queryClient.cancelQueries({ queryKey: keys.runState(visit) });
    queryClient.setQueryData(keys.runState(visit), state);
    rememberState(visit, state);
    settle(told, (key) => why.get(key));
    return true;
  } catch (error) {
    const problem = asProblem(error);
    if (waitsOn(problem)) return false;
    // One that cannot be read holds up no other.
    if (batch.length > 1) {
      for (const one of batch) if (!(await sendBatch(visit, [one]))) return false;
      return true;
    }
    settle(told, () => problem.message);
    return true;
  }
}

/** What was taken waits no more; what was refused says why. */
function settle(told: Set<string>, why: (key: string) => string | undefined) {
  visitActs.keep(
    visitActs.waiting().flatMap((one) => {
      if (!told.has(one.body.key)) return [one];
      const refused = why(one.body.key);
      return refused === undefined ? [] : [{ ...one, refused }];
    }),
  );
}
