import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, useStyles } from "../../api/queries";

export type Ribbon = Schemas["CutRibbon"];

/** What to cut of each ribbon from rolls as they lie at hand, and that it is cut: once. */
export function useCutPlan(pieceId: string) {
  const [rolls, setRolls] = useState<Record<string, number[]>>({});
  const [acting, setActing] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<Problem | null>(null);
  const styles = useStyles().data;
  const cache = useQueryClient();
  const path = { params: { path: { id: pieceId } } };
  const plan = useQuery({
    queryKey: [...keys.cutPlan(pieceId), rolls],
    queryFn: () => ask(client.POST("/api/pieces/{id}/cut-plan", { ...path, body: { part_rolls_m: rolls } })),
    placeholderData: (before) => before,
    staleTime: 0,
  });

  async function cut(ribbon: Ribbon) {
    const style = styles?.find((known) => known.id === ribbon.style);
    if (!style) return;
    // The same press sent twice carries the same key; the server counts it once.
    const key = acting[style.id] ?? newKey();
    setActing((now) => ({ ...now, [style.id]: key }));
    const own = rolls[style.id];
    try {
      await ask(
        client.POST("/api/pieces/{id}/cut-plan/ends", {
          ...path,
          body: { key, style: style.id, version: style.version, ...(own ? { part_rolls_m: { [style.id]: own } } : {}) },
        }),
      );
      setRolls({});
      setActing({});
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    await cache.invalidateQueries();
  }

  return {
    plan,
    problem: problem ?? (plan.isError ? asProblem(plan.error) : null),
    setRolls: (style: string, lengths: number[]) => setRolls((now) => ({ ...now, [style]: lengths })),
    cut,
  };
}
