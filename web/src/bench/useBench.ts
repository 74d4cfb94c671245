import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ask, asProblem, client, SIGNED_IN, type Problem } from "../api/client";
import { keys, useStyles } from "../api/queries";
import type { Kind, PieceOf, SavedPiece, SettingsOf } from "./kinds";
import { usePlan } from "./usePlan";

export interface Draft<K extends Kind = Kind> {
  name: string;
  place_id: string | null;
  settings: SettingsOf<K>;
}

export type Saving = { state: "saved" | "waiting" | "saving" | "refused"; at: string | null };

const IDLE_BEFORE_SAVING = 700;
const BEFORE_TRYING_AGAIN = 4_000;

/** Counts up when it is worth trying again: somebody has signed in again, or after a while without connection. */
function useAttempts(unreachable: boolean): number {
  const [attempt, setAttempt] = useState(0);
  useEffect(() => {
    const again = () => setAttempt((before) => before + 1);
    window.addEventListener(SIGNED_IN, again);
    const timer = unreachable ? setInterval(again, BEFORE_TRYING_AGAIN) : undefined;
    return () => {
      window.removeEventListener(SIGNED_IN, again);
      clearInterval(timer);
    };
  }, [unreachable]);
  return attempt;
}

/** Saves still on their way, by piece: a bench that opens waits for its own last one. */
const underWay = new Map<string, Promise<unknown>>();

export function useBenchPiece(id: string) {
  return useQuery({
    queryKey: keys.piece(id),
    queryFn: async () => {
      await underWay.get(id);
      return ask(client.GET("/api/pieces/{id}", { params: { path: { id } } }));
    },
    gcTime: 0,
    staleTime: 0,
  });
}

function draftOf<K extends Kind>(piece: Pick<SavedPiece<K>, "name" | "place_id" | "settings">): Draft<K> {
  return { name: piece.name, place_id: piece.place_id, settings: piece.settings };
}

/** One piece on the bench: what is dialled, its plan, saving by itself, undo, and two people at the same piece. */
export function useBench<K extends Kind>(piece: PieceOf<K>) {
  const [draft, setDraft] = useState<Draft<K>>(() => draftOf<K>(piece));
  const [kept, setKept] = useState<SavedPiece<K>>(piece);
  const [saving, setSaving] = useState<Saving>({ state: "saved", at: piece.changed_at });
  const [problem, setProblem] = useState<Problem | null>(null);
  const [theirs, setTheirs] = useState<SavedPiece<K> | null>(null);
  const attempt = useAttempts(problem?.status === 0);
  const revision = useStyles().dataUpdatedAt + attempt;
  const planned = usePlan<K>(piece.id, draft, revision);
  const cache = useQueryClient();
  const latest = useRef({ draft, kept, theirs });
  useEffect(() => {
    latest.current = { draft, kept, theirs };
  });
  const changed = JSON.stringify(draft) !== JSON.stringify(draftOf<K>(kept));

  const take = useCallback(
    (saved: SavedPiece<K>) => {
      setKept(saved);
      setProblem(null);
      setSaving({ state: "saved", at: saved.changed_at });
      void cache.invalidateQueries({ queryKey: keys.history(saved.id) });
    },
    [cache],
  );

  const save = useCallback(
    async (version: number, said: Draft<K>): Promise<SavedPiece<K> | null> => {
      setSaving((before) => ({ ...before, state: "saving" }));
      const sent = ask(
        client.PUT("/api/pieces/{id}", {
          params: { path: { id: piece.id } },
          body: { version, ...said, settings: { ...said.settings } },
          keepalive: true,
        }),
      );
      underWay.set(
        piece.id,
        sent.catch(() => undefined),
      );
      try {
        const saved = (await sent) as unknown as SavedPiece<K>;
        take(saved);
        // What was left out was filled in; the draft takes it over unless it was dialled on meanwhile.
        setDraft((now) => (now === said ? draftOf<K>(saved) : now));
        return saved;
      } catch (error) {
        const told = asProblem(error);
        if (told.status === 409 && told.details.current) setTheirs(told.details.current as unknown as SavedPiece<K>);
        else setProblem(told);
        setSaving((before) => ({ ...before, state: "refused" }));
        return null;
      }
    },
    [piece.id, take],
  );

  useEffect(() => {
    if (!changed || theirs) return;
    const timer = setTimeout(() => void save(kept.version, draft), IDLE_BEFORE_SAVING);
    return () => clearTimeout(timer);
  }, [draft, kept, changed, theirs, save, attempt]);

  // Leaving the bench, or the page, keeps what was dialled last.
  useEffect(() => {
    function flush() {
      const now = latest.current;
      if (!now.theirs && JSON.stringify(now.draft) !== JSON.stringify(draftOf<K>(now.kept)))
        void save(now.kept.version, now.draft);
    }
    window.addEventListener("pagehide", flush);
    return () => {
      window.removeEventListener("pagehide", flush);
      flush();
    };
  }, [save]);

  async function step(way: "undo" | "redo") {
    const base = changed ? await save(kept.version, draft) : kept;
    if (!base) return;
    try {
      const call =
        way === "undo"
          ? client.POST("/api/pieces/{id}/undo", path(base))
          : client.POST("/api/pieces/{id}/redo", path(base));
      const saved = (await ask(call)) as unknown as SavedPiece<K>;
      take(saved);
      setDraft(draftOf<K>(saved));
    } catch (error) {
      const told = asProblem(error);
      if (told.status === 409 && told.details.current) setTheirs(told.details.current as unknown as SavedPiece<K>);
      else setProblem(told);
    }
  }

  // The request leaves before the screen is drawn anew with the dial in its new position.
  function dial<G extends keyof SettingsOf<K>>(group: G, part: Partial<SettingsOf<K>[G]>) {
    const { settings } = latest.current.draft;
    const next = { ...latest.current.draft, settings: { ...settings, [group]: { ...settings[group], ...part } } };
    latest.current = { ...latest.current, draft: next };
    setDraft(next);
    planned.planner.ask(next, revision);
  }

  function path(base: SavedPiece<K>) {
    return { params: { path: { id: base.id } }, body: { version: base.version } };
  }

  return {
    draft,
    kept,
    saving: changed && saving.state === "saved" ? { ...saving, state: "waiting" as const } : saving,
    theirs,
    plan: planned.plan,
    problem: planned.problem ?? problem,
    canUndo: changed || kept.can_undo,
    canRedo: !changed && kept.can_redo,
    undo: () => step("undo"),
    redo: () => step("redo"),
    rename: (name: string) => setDraft((now) => ({ ...now, name })),
    moveTo: (place_id: string | null) => setDraft((now) => ({ ...now, place_id })),
    dial,
    keepMine: async () => {
      if (!theirs) return;
      setTheirs(null);
      setKept(theirs);
      await save(theirs.version, draft);
    },
    takeTheirs: () => {
      if (!theirs) return;
      setDraft(draftOf<K>(theirs));
      take(theirs);
      setTheirs(null);
    },
  };
}

export type Bench<K extends Kind = "tree"> = ReturnType<typeof useBench<K>>;
