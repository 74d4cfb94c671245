import { ask, asProblem, client, type Problem } from "../api/client";

export interface Dialled {
  place_id: string | null;
  settings: object;
}

export interface Planned<Plan> {
  plan: Plan | null;
  problem: Problem | null;
}

/** Asks for plans of one piece: one request at a time, the latest wins, the same is not asked twice in a row. */
export interface Planner {
  /** `revision` changes when the same dials may give another plan: what is on hand was counted again. */
  ask: (dialled: Dialled, revision: number) => void;
}

/**
 * While a request is under way only the newest dial waits, so that a slider never queues up work.
 *
 *   const planner = createPlanner(id, (change) => setPlanned(change));
 *   planner.ask({ place_id, settings }, 0);
 */
export function createPlanner<Plan>(
  pieceId: string,
  tell: (change: (before: Planned<Plan>) => Planned<Plan>) => void,
): Planner {
  let last = "";
  let waiting: Dialled | null = null;
  let busy = false;

  async function send(body: Dialled): Promise<void> {
    busy = true;
    try {
      const plan = await ask(
        client.POST("/api/pieces/{id}/plan", {
          params: { path: { id: pieceId } },
          body: { ...body, settings: { ...body.settings } },
        }),
      );
      tell(() => ({ plan: plan as unknown as Plan, problem: null }));
    } catch (error) {
      tell((before) => ({ plan: before.plan, problem: asProblem(error) }));
    }
    busy = false;
    if (waiting) {
      const next = waiting;
      waiting = null;
      await send(next);
    }
  }

  return {
    ask: ({ place_id, settings }, revision) => {
      const body = { place_id, settings };
      const said = `${revision} ${JSON.stringify(body)}`;
      if (said === last) return;
      last = said;
      if (busy) waiting = body;
      else void send(body);
    },
  };
}
