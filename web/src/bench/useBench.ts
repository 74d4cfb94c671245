import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ask, BEFORE_TRYING_AGAIN, client, isUnreachable, SIGNED_IN, type Schemas } from "../api/client";
import { sameSaid } from "../api/merged";
import { keys } from "../api/queries";
import { gainsTold } from "../parts/frees";
import { useUndo } from "../parts/undo";
import { useUnits } from "../units/useUnits";
import { isSaved, OtherKind, type Kind, type PieceOf, type SavedPiece, type SettingsOf } from "../kinds/kind";
import { putBack } from "./putBack";
import { rebase } from "./rebase";
import { usePlan } from "./usePlan";
import { useRecounted } from "./useRecounted";
import { useVersioned } from "./useVersioned";

export interface Draft<K extends Kind = Kind> {
  name: string;
  place_id: string | null;
  settings: SettingsOf<K>;
}

export type Saving = { state: "saved" | "waiting" | "saving" | "refused"; at: string | null };

const IDLE_BEFORE_SAVING = 700;

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

function sameDraft<K extends Kind>(one: Draft<K>, other: Draft<K>): boolean {
  return one === other || sameSaid(one, other);
}

function known<K extends Kind>(kind: K, piece: Schemas["Piece"]): SavedPiece<K> {
  if (!isSaved(kind, piece)) throw new OtherKind();
  return piece;
}

/** One piece on the bench: what is dialled, its plan, saving by itself, undo, and two people at the same piece. */
export function useBench<K extends Kind>(piece: PieceOf<K>) {
  const { kind } = piece;
  const [draft, setDraft] = useState<Draft<K>>(() => draftOf<K>(piece));
  const [kept, setKept] = useState<SavedPiece<K>>(piece);
  const [saving, setSaving] = useState<Saving>({ state: "saved", at: piece.changed_at });
  const { clash, problem, refused, settle } = useVersioned(kept);
  const attempt = useAttempts(isUnreachable(problem));
  const revision = useRecounted(piece.id) + attempt;
  const planned = usePlan<K>(kind, piece.id, draft, revision);
  const cache = useQueryClient();
  const latest = useRef({ draft, kept, clash, revision, busy: false });
  const refusal = useRef(refused);
  const settled = useRef(settle);
  useEffect(() => {
    latest.current = { draft, kept, clash, revision, busy: saving.state === "saving" };
    refusal.current = refused;
    settled.current = settle;
  });
  const changed = !sameDraft(draft, draftOf<K>(kept));

  const { say } = useUndo();
  const units = useUnits();
  const take = useCallback(
    (saved: SavedPiece<K>, frees?: Schemas["Frees"]) => {
      const told = frees && gainsTold(frees, units);
      if (told) say(told);
      latest.current = { ...latest.current, kept: saved };
      setKept(saved);
      settled.current();
      setSaving({ state: "saved", at: saved.changed_at });
      void cache.invalidateQueries({ queryKey: keys.history(saved.id) });
    },
    [cache, say, units],
  );

  // What was left out was filled in and what others turned came along; what was dialled on meanwhile stays on top of it.
  const follow = useCallback((said: Draft<K>, saved: SavedPiece<K>) => {
    const onto = (now: Draft<K>) => (now === said ? draftOf<K>(saved) : rebase(now, said, draftOf<K>(saved), []));
    latest.current = { ...latest.current, draft: onto(latest.current.draft) };
    setDraft(onto);
  }, []);

  const save = useCallback(
    async (version: number, said: Draft<K>, insist = false): Promise<SavedPiece<K> | null> => {
      setSaving((before) => ({ ...before, state: "saving" }));
      const sent = ask(
        client.PUT("/api/pieces/{id}", {
          params: { path: { id: piece.id } },
          body: { version, ...said, settings: { ...said.settings }, insist },
          keepalive: true,
        }),
      );
      underWay.set(
        piece.id,
        sent.catch(() => undefined),
      );
      try {
        const { frees, ...told } = await sent;
        const saved = known(kind, told);
        take(saved, frees);
        follow(said, saved);
        return saved;
      } catch (error) {
        refusal.current(error);
        setSaving((before) => ({ ...before, state: "refused" }));
        return null;
      }
    },
    [piece.id, kind, take, follow],
  );

  // What was sent and never answered may have been kept: also what is dialled back is sent again.
  const unanswered = saving.state === "refused" && isUnreachable(problem);
  // One save at a time: the next one is made on what the one before came back with.
  const busy = saving.state === "saving";
  const tried = useRef<{ draft: Draft<K>; attempt: number } | null>(null);
  useEffect(() => {
    // What was refused is refused again, until something is dialled or it is worth another attempt.
    const again = tried.current?.draft === draft && tried.current.attempt === attempt;
    if (!(changed || unanswered) || clash || busy || again) return;
    const timer = setTimeout(() => {
      tried.current = { draft, attempt };
      void save(kept.version, draft);
    }, IDLE_BEFORE_SAVING);
    return () => clearTimeout(timer);
  }, [draft, kept, changed, unanswered, clash, busy, save, attempt]);

  // Dialled back to what is kept there is nothing to save, and nothing refused any more.
  const takenBack = saving.state === "refused" && !changed && !clash && !unanswered;
  useEffect(() => {
    if (!takenBack) return;
    settled.current();
    setSaving({ state: "saved", at: latest.current.kept.changed_at });
  }, [takenBack]);

  // Leaving the bench, or the page, keeps what was dialled last.
  useEffect(() => {
    function flush() {
      const now = latest.current;
      // With a save of one's own still on its way, what was dialled last stands over it.
      if (!now.clash && !sameDraft(now.draft, draftOf<K>(now.kept))) void save(now.kept.version, now.draft, now.busy);
    }
    window.addEventListener("pagehide", flush);
    return () => {
      window.removeEventListener("pagehide", flush);
      flush();
    };
  }, [save]);

  async function step(way: "undo" | "redo") {
    // A save on its way comes in first; what was dialled since is saved on top of it.
    await underWay.get(piece.id);
    const { draft: now, kept: stood } = latest.current;
    const base = sameDraft(now, draftOf<K>(stood)) ? stood : await save(stood.version, now);
    if (!base) return;
    const { draft: shown } = latest.current;
    const said = { params: { path: { id: base.id } }, body: { version: base.version } };
    try {
      const call =
        way === "undo" ? client.POST("/api/pieces/{id}/undo", said) : client.POST("/api/pieces/{id}/redo", said);
      const { frees, ...told } = await ask(call);
      const saved = known(kind, told);
      take(saved, frees);
      follow(shown, saved);
    } catch (error) {
      refused(error);
    }
  }

  const { planner } = planned;
  // The request leaves before the screen is drawn anew with the dial in its new position.
  const dial = useCallback(
    <G extends keyof SettingsOf<K>>(group: G, part: Partial<SettingsOf<K>[G]>) => {
      const { draft: now } = latest.current;
      const next = { ...now, settings: { ...now.settings, [group]: { ...now.settings[group], ...part } } };
      latest.current = { ...latest.current, draft: next };
      setDraft(next);
      planner.ask(next, latest.current.revision);
    },
    [planner],
  );

  // Settings the server made of what is dialled; saved and taken back like any dial.
  const dress = useCallback(
    (settings: object) => {
      const next = { ...latest.current.draft, settings: settings as SettingsOf<K> };
      latest.current = { ...latest.current, draft: next };
      setDraft(next);
      planner.ask(next, latest.current.revision);
    },
    [planner],
  );

  return {
    draft,
    kept,
    saving: changed && saving.state === "saved" ? { ...saving, state: "waiting" as const } : saving,
    clash,
    plan: planned.plan,
    problem: planned.problem ?? problem,
    canUndo: changed || kept.can_undo,
    canRedo: !changed && kept.can_redo,
    undo: () => step("undo"),
    redo: () => step("redo"),
    rename: (name: string) => setDraft((now) => ({ ...now, name })),
    moveTo: (place_id: string | null) => setDraft((now) => ({ ...now, place_id })),
    dial,
    /** The look of another piece over what is dialled; saved and taken back like any dial. */
    wear: async (from: string) => {
      const { settings } = latest.current.draft;
      const told = await ask(
        client.POST("/api/pieces/{id}/look", {
          params: { path: { id: piece.id } },
          body: { from, settings: { ...settings } },
        }),
      );
      dress(told.settings);
    },
    dress,
    /** Asks for the plan of what is dialled once more. */
    planAgain: () => planner.ask(draft, performance.now()),
    /** Dials no plan can be made with go back to their defaults. */
    putBack: async (pointers: string[]) => {
      const said = { ...draft, settings: putBack(kind, draft.settings, pointers) };
      setDraft(said);
      await save(kept.version, said);
    },
    /** The own end of the dials that clash, everything else as others left it. */
    keepMine: async () => {
      if (!clash) return;
      settle();
      await save(kept.version, draft, true);
    },
    /** Their end of the dials that clash; what only was dialled here stays. */
    takeTheirs: () => {
      if (!clash) return;
      const theirs = draftOf<K>(clash.theirs);
      const pointers = clash.differences.map((difference) => difference.pointer);
      setDraft((now) => rebase(now, draftOf<K>(kept), theirs, pointers));
      take(clash.theirs);
    },
  };
}

export type Bench<K extends Kind = "tree"> = ReturnType<typeof useBench<K>>;
