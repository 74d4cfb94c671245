import { useQuery } from "@tanstack/react-query";
import { ask, client, Problem, signedOut, type Schemas } from "./client";
import { ReadAgain } from "./ReadAgain";

export const queryClient = new ReadAgain({
  defaultOptions: {
    queries: {
      retry: (failures, error) => failures < 2 && error instanceof Problem && error.status === 0,
      refetchOnWindowFocus: false,
      // Without network what was last seen is answered all the same.
      networkMode: "offlineFirst",
      staleTime: 5_000,
    },
  },
});

export const keys = {
  door: ["door"],
  me: ["me"],
  people: ["people"],
  season: (page: number) => ["season", page],
  home: (id: string) => ["home", id],
  anchors: (id: string) => ["home", id, "anchors"],
  seasonSummary: ["season", "summary"],
  seasons: ["seasons"],
  remarkHistory: (id: string) => ["remark", id, "history"],
  closedSeason: (season: string) => ["seasons", season],
  closedHome: (season: string, id: string) => ["seasons", season, id],
  seasonOpening: (page: number) => ["season", "opening", page],
  accesses: (id: string, page: number) => ["home", id, "accesses", page],
  keptOfClients: ["kept-of-clients"],
  homeBook: (id: string) => ["home", id, "book"],
  proposal: (id: string) => ["home", id, "proposal"],
  seasonEnd: (id: string) => ["home", id, "season-end"],
  shortages: (id: string) => ["home", id, "shortages"],
  room: (id: string) => ["room", id],
  roomView: (id: string) => ["room", id, "view"],
  bare: (id: string) => ["room", id, "bare"],
  piece: (id: string) => ["piece", id],
  history: (id: string) => ["piece", id, "history"],
  hanging: (id: string) => ["piece", id, "hanging"],
  hung: (id: string) => ["piece", id, "hung"],
  deleted: (page: number) => ["deleted", page],
  cutPlan: (id: string) => ["piece", id, "cut-plan"],
  variants: (id: string) => ["piece", id, "variants"],
  stringTests: (id: string) => ["style", id, "tests"],
  styles: ["styles"],
  uses: (style: string, home: string) => ["styles", "uses", style, home],
  claims: (piece: string, style: string) => ["piece", piece, "claims", style],
  buying: ["buying"],
  suppliers: ["buying", "suppliers"],
  purchases: ["buying", "purchases"],
  trials: ["buying", "trials"],
  sightings: ["buying", "sightings"],
  budgets: ["buying", "budgets"],
  prices: ["buying", "prices"],
  shortage: (style: string) => ["buying", "style", style],
  deliveries: (piece: string) => ["buying", "deliveries", piece],
  recipes: ["recipes"],
  days: ["days"],
  lessons: ["lessons"],
  visitLog: (visit: string) => ["days", "log", visit],
  ideas: ["ideas"],
  runSheet: (visit: string) => ["days", "visit", visit],
  runStates: ["run-state"],
  runState: (visit: string) => ["run-state", visit],
  boxes: ["styles", "boxes"],
  box: (id: string) => ["styles", "boxes", id],
  looks: ["looks"],
  board: (id: string) => ["looks", "board", id],
  paints: ["looks", "paints"],
  houseRules: ["house-rules"],
  hints: ["hints"],
};

export function useDoor() {
  return useQuery({ queryKey: keys.door, queryFn: () => ask(client.GET("/api/door")) });
}

/** Whether an invitation stands. Asked after the door itself: what the page fetched ahead of it would otherwise be
 * taken for an answer to somebody who has signed in meanwhile. */
export function useInvitation(word: string | undefined) {
  const door = useDoor().data;
  return useQuery({
    queryKey: [...keys.door, word],
    queryFn: () => ask(client.GET("/api/door", { params: { query: { invitation: word ?? "" } } })),
    enabled: Boolean(word && door?.founded && !door.me),
  });
}

/** Asked at the door, which answers strangers too: no refusal stands in the console of somebody who is yet to sign in. */
async function whoIsIn(): Promise<Schemas["Me"]> {
  const { me } = await ask(client.GET("/api/door"));
  if (!me) throw signedOut();
  return me;
}

export function useMe() {
  return useQuery({ queryKey: keys.me, queryFn: whoIsIn, staleTime: 60_000 });
}

/** Has it known who is in, where somebody is, before anything is shown; what stands in the way the screens find out. */
export async function knowMe(): Promise<void> {
  const door = await ask(client.GET("/api/door")).catch(() => null);
  if (door) queryClient.setQueryData(keys.door, door);
  if (door?.me) queryClient.setQueryData(keys.me, door.me);
}

/** Which season the plans are for, as pages are headed with it. */
export function useSeasonYear(): string {
  return String(useMe().data?.season.season ?? "");
}

/** While pieces are still being reckoned it is asked again in a moment. */
const STILL_RECKONING = 700;

export function useSeason(page: number) {
  return useQuery({
    refetchInterval: (query) =>
      query.state.data?.items.some((home) => home.totals.pending > 0 || home.unread) ? STILL_RECKONING : false,
    queryKey: keys.season(page),
    queryFn: () => ask(client.GET("/api/season", { params: { query: { page } } })),
    staleTime: 0,
  });
}

/** Nails and hooks that stay in a home from year to year. */
export function useAnchors(homeId: string) {
  return useQuery({
    queryKey: keys.anchors(homeId),
    queryFn: () => ask(client.GET("/api/homes/{id}/anchors", { params: { path: { id: homeId } } })),
  });
}

export function useHome(id: string, refetchOnMount = true) {
  return useQuery({
    refetchInterval: (query) => (query.state.data && query.state.data.totals.pending > 0 ? STILL_RECKONING : false),
    queryKey: keys.home(id),
    queryFn: () => ask(client.GET("/api/homes/{id}", { params: { path: { id } } })),
    staleTime: 0,
    refetchOnMount,
  });
}

/** A home that something above on the same screen has asked for. */
export function useHomeAsked(id: string) {
  return useHome(id, false);
}

/** A bench offers all styles at once, so all pages are read; with what of each is free for its piece. */
async function everyStyle(piece: string | undefined): Promise<Schemas["Style"][]> {
  const read = (page: number) =>
    ask(client.GET("/api/styles", { params: { query: { page, ...(piece ? { piece } : {}) } } }));
  const first = await read(1);
  const rest = await Promise.all(Array.from({ length: first.pages - 1 }, (_, i) => read(i + 2)));
  return [first, ...rest].flatMap((page) => page.items);
}

export function useStyles(piece?: string) {
  return useQuery({ queryKey: [...keys.styles, piece], queryFn: () => everyStyle(piece) });
}

/** All looks there are, page after page: to choose from. */
async function allLooks() {
  const page = (number: number) => ask(client.GET("/api/looks", { params: { query: { page: number } } }));
  const first = await page(1);
  const others = await Promise.all(Array.from({ length: first.pages - 1 }, (_, i) => page(i + 2)));
  return { items: [first, ...others].flatMap(({ items }) => items) };
}

export function useLooks() {
  return useQuery({ queryKey: keys.looks, queryFn: allLooks });
}

/** What is said beside a dial, such as "tree/ribbon/streams", by the studio's own house rules; nothing until it is known. */
export function useHints() {
  const { data } = useQuery({
    queryKey: keys.hints,
    queryFn: () => ask(client.GET("/api/hints")),
    staleTime: 60_000,
  });
  return (dial: string): string | undefined => data?.hints[dial];
}
