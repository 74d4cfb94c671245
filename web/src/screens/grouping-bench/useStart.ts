import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import type { Bench } from "../../bench/useBench";

type Started = Schemas["GroupStarted"];

/** Asks for a first group from what is free for the site as dialled; what is done with it its asker says. */
export function useStart(pieceId: string, bench: Bench<"grouping">, take: (started: Started) => void) {
  const [started, setStarted] = useState<Started | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function start() {
    const { place_id, settings } = bench.draft;
    setBusy(true);
    try {
      const answer = await ask(
        client.POST("/api/pieces/{id}/group", {
          params: { path: { id: pieceId } },
          body: { place_id, settings: { ...settings } },
        }),
      );
      take(answer);
      setStarted(answer);
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }
  return { start, started, problem, busy };
}
