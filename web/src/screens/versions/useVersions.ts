import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { withPlaces } from "../../bench/places";
import type { AnyPlan } from "../../kinds/kind";
import { useOnce } from "../../parts/useOnce";
import { useUndo } from "../../parts/undo";

export type Settings = Schemas["Piece"]["settings"];

/** The tree as it is stands among its versions under this id. */
export const AS_IT_IS = "as-it-is";

export function useVariants(pieceId: string) {
  return useQuery({
    queryKey: keys.variants(pieceId),
    queryFn: () => ask(client.GET("/api/pieces/{id}/variants", { params: { path: { id: pieceId } } })),
    staleTime: 0,
  });
}

export function usePlanOf(pieceId: string, settings: Settings | undefined) {
  return useQuery({
    queryKey: ["piece", pieceId, "plan of", settings],
    enabled: settings !== undefined,
    queryFn: async (): Promise<AnyPlan> => {
      const asked = { params: { path: { id: pieceId } }, body: { settings: { ...settings } } };
      const plan = await ask(client.POST("/api/pieces/{id}/plan", asked));
      if (plan.kind !== "tree" || !plan.chosen) return plan;
      return withPlaces<"tree">(plan, await ask(client.POST("/api/pieces/{id}/places", asked)));
    },
  });
}

/** Keeping, taking out and choosing versions of one piece. */
export function useVersions(piece: Schemas["PieceOnBench"]) {
  const cache = useQueryClient();
  const { say } = useUndo();
  const [problem, setProblem] = useState<Problem | null>(null);
  const path = { params: { path: { id: piece.id } } };

  const { once } = useOnce();

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    const done = await once(async () => {
      try {
        await work();
        setProblem(null);
        return true;
      } catch (error) {
        setProblem(asProblem(error));
        return false;
      }
    });
    return done ?? false;
  }
  const again = () => cache.invalidateQueries({ queryKey: keys.piece(piece.id) });

  return {
    problem,
    keep: (name: string) =>
      attempt(async () => {
        await ask(client.POST("/api/pieces/{id}/variants", { ...path, body: { name } }));
        await again();
        say(`${name} was kept.`);
      }),
    takeOut: (version: Schemas["Variant"]) =>
      attempt(async () => {
        await ask(client.DELETE("/api/variants/{id}", { params: { path: { id: version.id } } }));
        await again();
        say(`${version.name} was taken out.`, async () => {
          await ask(
            client.POST("/api/pieces/{id}/variants", {
              ...path,
              body: { name: version.name, settings: { ...version.settings } },
            }),
          );
          await again();
        });
      }),
    choose: (version: Schemas["Variant"]) =>
      attempt(async () => {
        const { name, place_id, version: at } = piece;
        const chosen = await ask(
          client.PUT("/api/pieces/{id}", {
            ...path,
            body: { version: at, name, place_id, settings: { ...version.settings } },
          }),
        );
        await again();
        say(`Chosen: ${version.name}.`, async () => {
          await ask(client.POST("/api/pieces/{id}/undo", { ...path, body: { version: chosen.version } }));
          await again();
        });
      }),
  };
}
