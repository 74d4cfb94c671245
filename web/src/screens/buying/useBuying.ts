import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";

export type Line = Schemas["BuyingLine"];
export type Desk = Schemas["BuyingDesk"];
export type Purchase = Schemas["Purchase"];
export type PurchaseLine = Schemas["PurchaseLine"];

/** What lacks over the season, or at one home. */
export function useBuying(home: string | null, page: number, piece: string | null = null) {
  return useQuery({
    queryKey: [...keys.buying, "desk", home, piece, page],
    queryFn: () =>
      ask(
        client.GET("/api/buying", {
          params: { query: { page, ...(home ? { home } : {}), ...(piece ? { piece } : {}) } },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}

export function usePurchases() {
  return useQuery({ queryKey: keys.purchases, queryFn: () => ask(client.GET("/api/purchases")), staleTime: 0 });
}

export function useTrials() {
  return useQuery({ queryKey: keys.trials, queryFn: () => ask(client.GET("/api/trials")), staleTime: 0 });
}

export function useSightings() {
  return useQuery({ queryKey: keys.sightings, queryFn: () => ask(client.GET("/api/sightings")) });
}

/** While pieces are still being reckoned it is asked again in a moment. */
const STILL_RECKONING = 900;

export function useBudgets(page: number) {
  return useQuery({
    queryKey: [...keys.budgets, page],
    queryFn: () => ask(client.GET("/api/budgets", { params: { query: { page } } })),
    refetchInterval: (query) => (query.state.data?.items.some((home) => home.pending > 0) ? STILL_RECKONING : false),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}

export function usePrices() {
  return useQuery({ queryKey: keys.prices, queryFn: () => ask(client.GET("/api/prices")) });
}

/** Whatever is bought, received or taken back changes lists, stock and every bench. */
export async function reread() {
  await queryClient.invalidateQueries();
}
