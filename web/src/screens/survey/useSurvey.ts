import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import type { ConflictRow } from "../../parts/ConflictDialog";

export interface PlaceDraft {
  /** Kept for as long as the form is open, so that React knows the cards apart. */
  key: string;
  id: string | null;
  name: string;
  stance: Schemas["Place"]["stance"];
  from_left_m: number | null;
  free_width_m: number | null;
  free_depth_m: number | null;
  walkway_m: number | null;
  wall_m: number | null;
  near_heat: boolean;
  near_socket: boolean;
}

export interface RoomDraft {
  name: string;
  width_m: number | null;
  depth_m: number | null;
  sloping: boolean;
  ceiling_left_m: number | null;
  ceiling_right_m: number | null;
  no_nails: boolean;
  heat: Schemas["Room"]["heat"];
  notes: string;
  places: PlaceDraft[];
}

export function newPlace(): PlaceDraft {
  return {
    key: newKey(),
    id: null,
    name: "",
    stance: "corner",
    from_left_m: null,
    free_width_m: null,
    free_depth_m: null,
    walkway_m: null,
    wall_m: null,
    near_heat: false,
    near_socket: true,
  };
}

function placeDraftOf(place: Schemas["Place"]): PlaceDraft {
  return { ...placeBodyOf({ ...place, key: place.id }), id: place.id, key: place.id };
}

function placeBodyOf(place: PlaceDraft): Omit<PlaceDraft, "key"> {
  return {
    id: place.id,
    name: place.name,
    stance: place.stance,
    from_left_m: place.from_left_m,
    free_width_m: place.free_width_m,
    free_depth_m: place.free_depth_m,
    walkway_m: place.walkway_m,
    wall_m: place.wall_m,
    near_heat: place.near_heat,
    near_socket: place.near_socket,
  };
}

function draftOf(room?: Schemas["Room"]): RoomDraft {
  return {
    name: room?.name ?? "",
    width_m: room?.width_m ?? null,
    depth_m: room?.depth_m ?? null,
    sloping: room ? room.ceiling_left_m !== room.ceiling_right_m : false,
    ceiling_left_m: room?.ceiling_left_m ?? null,
    ceiling_right_m: room?.ceiling_right_m ?? null,
    no_nails: room?.no_nails ?? false,
    heat: room?.heat ?? "none",
    notes: room?.notes ?? "",
    places: room?.places.map(placeDraftOf) ?? [newPlace()],
  };
}

/** What was typed, as the server takes it. What is not known yet is left out, so that the server names it. */
function bodyOf(draft: RoomDraft): Schemas["RoomFields"] {
  const { sloping, places, ...room } = draft;
  const told = {
    ...room,
    ceiling_right_m: sloping ? room.ceiling_right_m : room.ceiling_left_m,
    places: places.map(placeBodyOf),
  };
  return Object.fromEntries(Object.entries(told).filter(([, value]) => value !== null)) as Schemas["RoomFields"];
}

function differences(mine: RoomDraft, theirs: RoomDraft): ConflictRow[] {
  const said = (draft: RoomDraft) => [
    ["Name", draft.name],
    ["Width", draft.width_m],
    ["Depth", draft.depth_m],
    ["Ceiling", draft.ceiling_left_m],
    ["Heating", draft.heat],
    ["Notes", draft.notes],
    [
      "Places",
      draft.places
        .map((place) => [place.name, place.stance, place.free_width_m, place.free_depth_m].filter(Boolean).join(" "))
        .join("; "),
    ],
  ];
  const other = said(theirs);
  return said(mine)
    .map(([label, value], i) => ({
      label: String(label),
      mine: String(value ?? ""),
      theirs: String(other[i]?.[1] ?? ""),
    }))
    .filter((row) => row.mine !== row.theirs);
}

interface LaidBy {
  draft: RoomDraft;
  /** Of the room, when it was begun. */
  version: number;
}

/** What was being typed before the page was loaded again. */
function laidByOf(place: string): LaidBy | null {
  const text = sessionStorage.getItem(place);
  return text ? (JSON.parse(text) as LaidBy) : null;
}

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
  const [laidBy] = useState(() => laidByOf(place));
  const [draft, setDraft] = useState(() => laidBy?.draft ?? draftOf(room));
  const [base, setBase] = useState({
    version: laidBy?.version ?? room?.version ?? 0,
    said: JSON.stringify(bodyOf(draftOf(room))),
  });
  const { clash, problem, refused, settle } = useVersioned(room);
  const [unread, setUnread] = useState(false);
  const [busy, setBusy] = useState(false);
  const cache = useQueryClient();
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
    conflict: clash && differences(draft, draftOf(clash.theirs)),
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
