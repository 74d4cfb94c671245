import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ask, asProblem, client, SIGNED_IN, type Problem, type Schemas } from "../../api/client";
import { keys, useStyles } from "../../api/queries";
import { usePlan } from "./usePlan";

export type Settings = Schemas["TreeSettings"];
export type Group = keyof Settings;

export interface Draft {
  name: string;
  place_id: string | null;
  settings: Settings;
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

function draftOf(piece: Pick<Schemas["Piece"], "name" | "place_id" | "settings">): Draft {
  return { name: piece.name, place_id: piece.place_id, settings: piece.settings };
}

/** One tree on the bench: what is dialled, its plan, saving by itself, undo, and two people at the same tree. */
export function useBench(piece: Schemas["PieceOnBench"]) {
  const [draft, setDraft] = useState<Draft>(() => draftOf(piece));
  const [kept, setKept] = useState<Schemas["Piece"]>(piece);
  const [saving, setSaving] = useState<Saving>({ state: "saved", at: piece.changed_at });
  const [problem, setProblem] = useState<Problem | null>(null);
  const [theirs, setTheirs] = useState<Schemas["Piece"] | null>(null);
  const attempt = useAttempts(problem?.status === 0);
  const revision = useStyles().dataUpdatedAt + attempt;
  const planned = usePlan(piece.id, draft, revision);
  const cache = useQueryClient();
  const latest = useRef({ draft, kept, theirs });
  useEffect(() => {
    latest.current = { draft, kept, theirs };
  });
  const changed = JSON.stringify(draft) !== JSON.stringify(draftOf(kept));

  const take = useCallback(
    (saved: Schemas["Piece"]) => {
      setKept(saved);
      setProblem(null);
      setSaving({ state: "saved", at: saved.changed_at });
      void cache.invalidateQueries({ queryKey: keys.history(saved.id) });
    },
    [cache],
  );

  const save = useCallback(
    async (version: number, said: Draft): Promise<Schemas["Piece"] | null> => {
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
        const saved = await sent;
        take(saved);
        return saved;
      } catch (error) {
        const told = asProblem(error);
        if (told.status === 409 && told.details.current) setTheirs(told.details.current as unknown as Schemas["Piece"]);
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
      if (!now.theirs && JSON.stringify(now.draft) !== JSON.stringify(draftOf(now.kept)))
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
      const saved = await ask(call);
      take(saved);
      setDraft(draftOf(saved));
    } catch (error) {
      const told = asProblem(error);
      if (told.status === 409 && told.details.current) setTheirs(told.details.current as unknown as Schemas["Piece"]);
      else setProblem(told);
    }
  }

  // The request leaves before the screen is drawn anew with the dial in its new position.
  function dial<G extends Group>(group: G, part: Partial<Settings[G]>) {
    const { settings } = latest.current.draft;
    const next = { ...latest.current.draft, settings: { ...settings, [group]: { ...settings[group], ...part } } };
    latest.current = { ...latest.current, draft: next };
    setDraft(next);
    planned.planner.ask(next, revision);
  }

  function path(base: Schemas["Piece"]) {
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
      setDraft(draftOf(theirs));
      take(theirs);
      setTheirs(null);
    },
  };
}

export type Bench = ReturnType<typeof useBench>;
