import { useQuery } from "@tanstack/react-query";
import { ask, client } from "../../api/client";
import { keys, queryClient } from "../../api/queries";

/** All boxes, shelf by shelf. */
export function useBoxes() {
  return useQuery({ queryKey: keys.boxes, queryFn: () => ask(client.GET("/api/boxes")) });
}

function inside(id: string) {
  return {
    queryKey: keys.box(id),
    queryFn: () => ask(client.GET("/api/boxes/{id}", { params: { path: { id } } })),
  };
}

/** What lies in a box. */
export function useBox(id: string | undefined) {
  return useQuery({ ...inside(id ?? ""), enabled: id !== undefined });
}

/** So many boxes are taken along to where there may be no network. */
const TAKEN_ALONG = 60;

/** Looks into boxes one after the other, so that they can be counted without network. */
export async function takeAlong(ids: string[]): Promise<void> {
  for (const id of ids.slice(0, TAKEN_ALONG)) await queryClient.prefetchQuery({ ...inside(id), staleTime: 60_000 });
}
