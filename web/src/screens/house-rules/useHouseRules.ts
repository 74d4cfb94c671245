import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";

export type HouseRule = Schemas["HouseRule"];

export function useHouseRules() {
  const cache = useQueryClient();
  const rules = useQuery({ queryKey: keys.houseRules, queryFn: () => ask(client.GET("/api/house-rules")) });
  const taken = (answer: Schemas["HouseRules"]) => {
    cache.setQueryData(keys.houseRules, answer);
    void cache.invalidateQueries({
      predicate: (query) => query.queryKey[0] !== keys.houseRules[0] && query.queryKey[0] !== "me",
    });
  };
  const set = useMutation({
    mutationFn: ({ key, value, was }: { key: string; value: number; was: number }) =>
      ask(client.PUT("/api/house-rules/{key}", { params: { path: { key } }, body: { value, was } })),
    onSuccess: taken,
    // Somebody else was faster: what they set comes into sight, what was typed stays in its field.
    onError: () => void cache.invalidateQueries({ queryKey: keys.houseRules }),
  });
  const reset = useMutation({
    mutationFn: (key: string) => ask(client.DELETE("/api/house-rules/{key}", { params: { path: { key } } })),
    onSuccess: taken,
  });
  return { rules, set, reset };
}

/** What the sample tree takes with one constant changed; null while nothing is being tried. */
export function useTrial(key: string | null, value: number | null) {
  const changes: Record<string, number> = key && value !== null ? { [key]: value } : {};
  return useQuery({
    queryKey: ["trial", changes],
    queryFn: () => ask(client.POST("/api/house-rules/trial", { body: { changes } })),
    placeholderData: (before) => before,
    retry: false,
  });
}
