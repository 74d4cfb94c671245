import { useQuery } from "@tanstack/react-query";
import { ask, client } from "../../api/client";
import { keys, queryClient } from "../../api/queries";

export function useLookPage(page: number) {
  return useQuery({
    queryKey: [...keys.looks, "page", page],
    queryFn: () => ask(client.GET("/api/looks", { params: { query: { page } } })),
  });
}

export function useBoard(id: string) {
  return useQuery({
    queryKey: keys.board(id),
    queryFn: () => ask(client.GET("/api/looks/{id}/board", { params: { path: { id } } })),
  });
}

export function usePaints() {
  return useQuery({ queryKey: keys.paints, queryFn: () => ask(client.GET("/api/paints")) });
}

/** A look is worn on benches, in homes and on the desk. */
export async function reread() {
  await queryClient.invalidateQueries({ queryKey: keys.looks });
  await queryClient.invalidateQueries({ queryKey: ["home"] });
}
