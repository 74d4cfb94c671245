import { keepPreviousData, useQueries, useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import type { paths } from "../../api/schema";

type Asked = NonNullable<paths["/api/stock"]["get"]["parameters"]["query"]>;

/** What narrows a search beside its words. */
export type Narrowed = Pick<Asked, "kind" | "near" | "from" | "to" | "season" | "role" | "tag" | "retired">;
export type Search = Narrowed & { words: string };

/** As many as the server gives in one go. */
export const PER_PAGE = 100;

function page({ words, ...narrowed }: Search, number: number) {
  return {
    queryKey: [...keys.styles, "stockroom", words, narrowed, number],
    queryFn: () => ask(client.GET("/api/stock", { params: { query: { q: words, page: number, ...narrowed } } })),
  };
}

/** The rows of the stockroom that are in sight: pages come as they are scrolled to. */
export function useStock(search: Search, pages: number[]) {
  const first = useQuery({ ...page(search, 1), placeholderData: keepPreviousData });
  const others = useQueries({ queries: pages.filter((number) => number > 1).map((number) => page(search, number)) });
  const told = new Map<number, Schemas["StockThing"]>();
  for (const { data } of [first, ...others])
    data?.items.forEach((thing, i) => told.set((data.page - 1) * PER_PAGE + i, thing));
  return { first, total: first.data?.total ?? 0, at: (index: number) => told.get(index) };
}
