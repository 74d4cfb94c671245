import { ask, asProblem, client, type Problem, type Schemas } from "../api/client";
import { isPlan, OtherKind, type Kind, type PlanOf } from "../kinds/kind";
import { withPlaces, withoutPlaces } from "./places";

export interface Dialled {
  place_id: string | null;
  settings: object;
}

export interface Planned<K extends Kind> {
  plan: PlanOf<K> | null;
  problem: Problem | null;
}

/** Asks for plans of one piece: one request at a time, the latest wins, the same is not asked twice in a row. */
export interface Planner {
  /** `revision` changes when the same dials may give another plan: what is on hand was counted again. */
  ask: (dialled: Dialled, revision: number) => void;
}

/**
 * A dial is answered in two parts: figures, ledger and cautions at once; where ornaments hang a moment later. The drawing keeps
 * its ornaments until then, and a newer dial ends the wait. While a request is under way only the newest dial waits, so that a
 * slider never queues up work.
 *
 *   const planner = createPlanner("tree", id, (change) => setPlanned(change));
 *   planner.ask({ place_id, settings }, 0);
 */
export function createPlanner<K extends Kind>(
  kind: K,
  pieceId: string,
  tell: (change: (before: Planned<K>) => Planned<K>) => void,
): Planner {
  const path = { params: { path: { id: pieceId } } };
  let last = "";
  let waiting: Dialled | null = null;
  let busy = false;
  let placing: AbortController | null = null;

  function failed(error: unknown): void {
    tell((before) => ({ plan: before.plan, problem: asProblem(error) }));
  }

  async function reckon(body: Dialled): Promise<boolean> {
    try {
      const plan = await ask(client.POST("/api/pieces/{id}/plan", { ...path, body: saidOf(body) }));
      if (!isPlan(kind, plan)) throw new OtherKind();
      tell((before) => ({ plan: withoutPlaces(plan, before.plan), problem: null }));
      return plan.kind === "tree" && plan.chosen;
    } catch (error) {
      failed(error);
      return false;
    }
  }

  async function place(body: Dialled): Promise<void> {
    placing = new AbortController();
    const { signal } = placing;
    try {
      const places: Schemas["TreePlaces"] = await ask(
        client.POST("/api/pieces/{id}/places", { ...path, body: saidOf(body), signal }),
      );
      if (!signal.aborted) tell((before) => ({ ...before, plan: before.plan && withPlaces(before.plan, places) }));
    } catch (error) {
      if (!signal.aborted) failed(error);
    }
  }

  async function send(body: Dialled): Promise<void> {
    placing?.abort();
    busy = true;
    const hangs = await reckon(body);
    busy = false;
    if (waiting) {
      const next = waiting;
      waiting = null;
      await send(next);
    } else if (hangs) await place(body);
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

function saidOf({ place_id, settings }: Dialled): Schemas["Dialled"] {
  return { place_id, settings: { ...settings } };
}
