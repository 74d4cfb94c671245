import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { useUnits } from "../../units/useUnits";
import { differences } from "./differences";
import { laidByIn } from "./laidBy";
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
    said: JSON.stringify(bodyOf(draftOf(room))),
  });
  const { clash, problem, refused, settle } = useVersioned(room);
  const [unread, setUnread] = useState(false);
  const [busy, setBusy] = useState(false);
  const cache = useQueryClient();
  const units = useUnits();
  const changed = JSON.stringify(bodyOf(draft)) !== base.said;
  const forget = () => sessionStorage.removeItem(place);

  // What was typed outlives a reload of the page, until it is kept or left.
  useEffect(() => {
    if (changed) sessionStorage.setItem(place, JSON.stringify({ draft, version: base.version }));
    else sessionStorage.removeItem(place);
  }, [changed, draft, base.version, place]);

  function taken(kept: Schemas["Room"]) {
    const next = draftOf(kept);
    setDraft(next);
    setBase({ version: kept.version, said: JSON.stringify(bodyOf(next)) });
    forget();
    settle();
  }

  async function send(said: RoomDraft, version: number) {
    setBusy(true);
    try {
      if (room) {
        const kept = await ask(
          client.PUT("/api/rooms/{id}", { params: { path: { id: room.id } }, body: { version, ...bodyOf(said) } }),
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
      refused(error);
    } finally {
      setBusy(false);
    }
  }

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
    keep: () => send(draft, base.version),
    conflict: clash && differences(draft, draftOf(clash.theirs), units),
    keepMine: async () => {
      if (!clash) return;
      const { theirs } = clash;
      const known = new Set(theirs.places.map((place) => place.id));
      const said = {
        ...draft,
        places: draft.places.map((place) => (place.id && known.has(place.id) ? place : { ...place, id: null })),
      };
      settle();
      await send(said, theirs.version);
    },
    takeTheirs: () => {
      if (clash) taken(clash.theirs);
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
