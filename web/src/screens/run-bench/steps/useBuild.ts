import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../../api/client";
import type { Bench } from "../../../bench/useBench";

/** Lets the outline wanted be built from what is on hand, and says how far it comes. */
export function useBuild(pieceId: string, bench: Bench<"run">) {
  const [built, setBuilt] = useState<Schemas["RunBuilt"] | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function build() {
    setBusy(true);
    try {
      const told = await ask(
        client.POST("/api/pieces/{id}/build", {
          params: { path: { id: pieceId } },
          body: { place_id: bench.draft.place_id, settings: { ...bench.draft.settings } },
        }),
      );
      bench.dial("body", { bodies: told.bodies });
      bench.dial("rise_and_trail", { stems: told.stems });
      setBuilt(told);
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }
  return { build, built, problem, busy };
}
