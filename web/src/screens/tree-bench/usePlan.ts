import { useEffect, useRef, useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";

export interface Dialled {
  place_id: string | null;
  settings: Schemas["TreeSettings"];
}

interface Planned {
  plan: Schemas["TreePlan"] | null;
  problem: Problem | null;
}

/**
 * The plan of what is dialled. One request at a time, the latest wins: while one is under way only the newest dial waits,
 * so that a slider never queues up work. It is asked again when `revision` changes: what is on hand was counted again.
 */
export function usePlan(pieceId: string, dialled: Dialled, revision: number): Planned {
  const [planned, setPlanned] = useState<Planned>({ plan: null, problem: null });
  const waiting = useRef<Dialled | null>(null);
  const busy = useRef(false);
  const gone = useRef(false);
  const said = JSON.stringify(dialled);

  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
    };
  }, []);

  useEffect(() => {
    async function send(body: Dialled): Promise<void> {
      busy.current = true;
      try {
        const plan = await ask(
          client.POST("/api/pieces/{id}/plan", {
            params: { path: { id: pieceId } },
            body: { ...body, settings: { ...body.settings } },
          }),
        );
        if (!gone.current) setPlanned({ plan, problem: null });
      } catch (error) {
        if (!gone.current) setPlanned((before) => ({ plan: before.plan, problem: asProblem(error) }));
      }
      const next = waiting.current;
      waiting.current = null;
      if (next && !gone.current) return send(next);
      busy.current = false;
    }
    const body = JSON.parse(said) as Dialled;
    if (busy.current) waiting.current = body;
    else void send(body);
  }, [pieceId, said, revision]);

  return planned;
}
