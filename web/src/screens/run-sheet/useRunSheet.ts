import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { ask, client } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, useMe } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { pictures } from "../../waiting/pictures";
import { knownState, rememberState } from "../../waiting/runStates";
import { useWaitingVisitActs } from "../../waiting/useWaiting";
import { visitActs, type VisitAct } from "../../waiting/visitActs";
import { onTheWall } from "../../waiting/wallClock";
import { progressOf } from "./progress";

/** How often what others do meanwhile is asked for, and how often a sheet that is still being planned. */
const OTHERS_EVERY = 4_000;
const AGAIN = 700;

/** One visit, what is written down of it, and what this browser still keeps to itself. */
export function useRunSheet(visit: string) {
  const cache = useQueryClient();
  const me = useMe().data;
  const account = me?.account.email;
  const { say: tell } = useUndo();
  const sheet = useQuery({
    queryKey: keys.runSheet(visit),
    queryFn: () => ask(client.GET("/api/visits/{id}/run-sheet", { params: { path: { id: visit } } })),
    refetchInterval: ({ state }) => (state.data?.pending ? AGAIN : false),
    staleTime: 60_000,
  });
  const state = useQuery({
    queryKey: keys.runState(visit),
    queryFn: async () => {
      const told = await ask(client.GET("/api/visits/{id}/acts", { params: { path: { id: visit } } }));
      rememberState(visit, told);
      return told;
    },
    enabled: sheet.data !== undefined,
    initialData: () => knownState(visit),
    initialDataUpdatedAt: 0,
    refetchInterval: OTHERS_EVERY,
    retry: false,
  });
  const waiting = useWaitingVisitActs(account).filter((one) => one.visit === visit);

  const kept = waiting.filter(({ refused }) => !refused).length;
  const photographs = useSyncExternalStore(pictures.onWaiting, pictures.count);

  // Other plans, other turns: without network the sheet stays as it was loaded.
  const [planned, now] = [sheet.data?.stamp, state.data?.stamp];
  useEffect(() => {
    if (planned !== undefined && now !== undefined && planned !== now && state.isSuccess && !state.isError)
      void cache.invalidateQueries({ queryKey: keys.runSheet(visit) });
  }, [planned, now, state.isSuccess, state.isError, cache, visit]);

  /** Kept at once, sent as soon as there is network. @returns its key */
  function said(kind: VisitAct["kind"], name: string, more: Partial<VisitAct> = {}): string {
    const key = newKey();
    if (!me || !account) return key;
    try {
      const body = { key, kind, at: onTheWall(), ...more };
      visitActs.add({ account, by: me.account.name, visit, name, body });
    } catch {
      tell("This browser keeps nothing more. Go where there is network, so that what waits is sent.");
    }
    return key;
  }

  return {
    sheet,
    progress: sheet.data ? progressOf(state.data ?? sheet.data, waiting, visit, planned) : null,
    kept,
    /** What ran out and is not planned again yet. */
    ranOut: waiting.filter(({ refused, body }) => !refused && body.kind === "ran_out").map(({ name }) => name),
    photographs,
    refused: waiting.filter(({ refused }) => refused),
    forget: visitActs.forget,
    offline: state.isError || sheet.isError,
    said,
    takeBack: (key: string, name: string) => said("undo", name, { of: key }),
    /** Kept with its note, sent after it. */
    async photograph(note: string, file: File) {
      if (!account) return;
      try {
        const bytes = await file.arrayBuffer();
        await pictures.keep({ account, visit, note, key: newKey(), bytes, type: file.type });
      } catch {
        tell("This browser keeps no photographs. Take it where there is network.");
      }
    },
  };
}

export type Run = ReturnType<typeof useRunSheet>;
