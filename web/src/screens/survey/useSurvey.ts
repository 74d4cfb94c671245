import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keptMeanwhile, sameSaid, type Merged } from "../../api/merged";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useOnce } from "../../parts/useOnce";
import { useUnits } from "../../units/useUnits";
import { differences } from "./differences";
import { laidByIn } from "./laidBy";
import { mergedDrafts } from "./mergedDrafts";
import { measuresOf, withoutReading } from "./measures";
import { bodyOf, draftOf, type PlaceDraft, type RoomDraft } from "./roomDraft";

interface Where {
  homeId?: string | undefined;
  room?: Schemas["Room"] | undefined;
}

export function useSurveyForm(
  { homeId, room }: Where,
  settled: () => Promise<boolean>,
  onMade: (room: Schemas["Room"]) => void,
) {
  const place = `survey ${room?.id ?? `of ${homeId}`}`;
  const [laidBy] = useState(() => laidByIn(sessionStorage.getItem(place)));
  const [draft, setDraft] = useState(() => ({ ...draftOf(room), ...laidBy?.draft }));
  const [base, setBase] = useState({
    version: laidBy?.version ?? room?.version ?? 0,
    draft: laidBy?.begun ?? draftOf(room),
  });
  const [clash, setClash] = useState<Merged<RoomDraft> | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [unread, setUnread] = useState(false);
  const { busy, once } = useOnce();
  const cache = useQueryClient();
  const units = useUnits();
  const changed = !sameSaid(bodyOf(draft), bodyOf(base.draft));
  const forget = () => sessionStorage.removeItem(place);

  // What was typed outlives a reload of the page, until it is kept or left.
  useEffect(() => {
    if (changed) sessionStorage.setItem(place, JSON.stringify({ draft, begun: base.draft, version: base.version }));
    else sessionStorage.removeItem(place);
  }, [changed, draft, base, place]);

  function taken(kept: Schemas["Room"]) {
    const next = draftOf(kept);
    setDraft(next);
    setBase({ version: kept.version, draft: next });
    forget();
    setProblem(null);
  }

  async function sent(said: RoomDraft, on: typeof base): Promise<void> {
    try {
      if (room) {
        const path = { params: { path: { id: room.id } } };
        const kept = await ask(
          client.PUT("/api/rooms/{id}", { ...path, body: { version: on.version, ...bodyOf(said) } }),
        );
        taken(kept);
        cache.setQueryData(keys.room(room.id), kept);
      } else if (homeId) {
        const kept = await ask(
          client.POST("/api/homes/{id}/rooms", { params: { path: { id: homeId } }, body: bodyOf(said) }),
        );
        taken(kept);
        onMade(kept);
      }
    } catch (error) {
      const told = asProblem(error);
      const theirs = room && keptMeanwhile(told, { ...room, version: on.version });
      if (!theirs) {
        setProblem(told);
        return;
      }
      const now = { version: theirs.version, draft: draftOf(theirs) };
      const both = mergedDrafts(on.draft, said, now.draft);
      setBase(now);
      setDraft(both.mine);
      setProblem(null);
      if (both.clashing.length > 0) setClash(both);
      else await sent(both.mine, now);
    }
  }

  const send = (said: RoomDraft) => once(() => sent(said, base));

  return {
    draft,
    objections: useObjections(problem, draft),
    changed,
    busy,
    unread,
    forget,
    takeReading: (key: string, metres: number) =>
      setDraft(
        (now) =>
          measuresOf(now)
            .find((one) => one.key === key)
            ?.put(now, metres) ?? now,
      ),
    takeReadingBack: (key: string, metres: number) => setDraft((now) => withoutReading(now, key, metres)),
    change: (part: Partial<RoomDraft>) => setDraft((now) => ({ ...now, ...part })),
    changePlace: (key: string, part: Partial<PlaceDraft>) =>
      setDraft((now) => ({
        ...now,
        places: now.places.map((place) => (place.key === key ? { ...place, ...part } : place)),
      })),
    /** Waits for lengths still being read, then keeps room and places together. */
    ready: async () => {
      const good = await settled();
      setUnread(!good);
      return good;
    },
    keep: () => send(draft),
    conflict: clash && differences(clash.mine, clash.theirs, units),
    keepMine: async () => {
      if (!clash) return;
      // What they took away is put there anew.
      const known = new Set(base.draft.places.map((place) => place.id));
      const places = clash.mine.places.map((place) =>
        place.id && known.has(place.id) ? place : { ...place, id: null },
      );
      setClash(null);
      await send({ ...clash.mine, places });
    },
    takeTheirs: () => {
      if (!clash) return;
      setClash(null);
      setDraft(clash.theirs);
    },
  };
}

export type SurveyForm = ReturnType<typeof useSurveyForm>;

export function useRoom(id: string) {
  return useQuery({
    queryKey: keys.room(id),
    queryFn: () => ask(client.GET("/api/rooms/{id}", { params: { path: { id } } })),
    staleTime: 0,
  });
}
