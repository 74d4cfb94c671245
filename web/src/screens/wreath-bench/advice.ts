import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import type { Bench } from "../../bench/useBench";

type About = Schemas["AskedAdvice"]["about"];
type Changes = Schemas["WreathChanges"];

function advise(pieceId: string, about: About, bench: Pick<Bench<"wreath">, "draft">) {
  const { place_id, settings } = bench.draft;
  return ask(
    client.POST("/api/pieces/{id}/advice", {
      params: { path: { id: pieceId } },
      body: { about, place_id, settings: { ...settings } },
    }),
  );
}

/** What the wreath as dialled could be instead; asked for again when a dial moves, while it is looked at. */
export function useAdvice(pieceId: string, about: About, bench: Bench<"wreath">, enabled: boolean) {
  return useQuery({
    queryKey: [...keys.piece(pieceId), "advice", about, bench.draft.settings],
    queryFn: () => advise(pieceId, about, bench),
    enabled,
    placeholderData: (before) => before,
  });
}

/** The dials turned to what was advised, each as if by hand. */
export function follow(bench: Bench<"wreath">, { place, size, hang, greens, layers, star, step_back }: Changes) {
  if (place) bench.dial("place", place);
  if (size) bench.dial("size", size);
  if (hang) bench.dial("hang", hang);
  if (greens) bench.dial("greens", greens);
  if (layers) bench.dial("layers", layers);
  if (star) bench.dial("star", star);
  if (step_back) bench.dial("step_back", step_back);
}

/** Lets the outline wanted be built from what is free, and says how far it comes. */
export function useStart(pieceId: string, bench: Bench<"wreath">) {
  const [built, setBuilt] = useState<NonNullable<Schemas["WreathAdvice"]["start"]> | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function build() {
    setBusy(true);
    try {
      const { start } = await advise(pieceId, "start", bench);
      if (start) {
        bench.dial("greens", { stems: start.stems });
        setBuilt(start);
      }
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }
  return { build, built, problem, busy };
}
