import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useUndo } from "../../parts/undo";

/** What was deleted lately, page by page, and the way back. */
export function useDeleted(page: number) {
  const cache = useQueryClient();
  const { say } = useUndo();
  const [problem, setProblem] = useState<Problem | null>(null);
  const found = useQuery({
    queryKey: keys.deleted(page),
    queryFn: () => ask(client.GET("/api/deleted", { params: { query: { page } } })),
    staleTime: 0,
  });

  async function restore(thing: Schemas["DeletedThing"]) {
    const path = { params: { path: { id: thing.id } } };
    const ways = {
      home: () => ask(client.POST("/api/homes/{id}/restore", path)),
      room: () => ask(client.POST("/api/rooms/{id}/restore", path)),
      piece: () => ask(client.POST("/api/pieces/{id}/restore", path)),
    };
    try {
      await ways[thing.kind]();
      setProblem(null);
      say(`${thing.name} is back.`);
    } catch (error) {
      setProblem(asProblem(error));
    }
    await cache.invalidateQueries();
  }

  return { found, problem, restore };
}
