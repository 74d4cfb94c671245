import type { Schemas } from "../../api/client";
import { newKey } from "../../api/key";

export interface PlaceDraft {
  /** Kept for as long as the form is open, so that React knows the cards apart. */
  key: string;
  id: string | null;
  name: string;
  stance: Schemas["Place"]["stance"];
  /** The key of its wall; the front wall where nothing is said. */
  wall: string | null;
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
  plan: Schemas["FloorPlan"];
}

export function newPlace(): PlaceDraft {
  return {
    key: newKey(),
    id: null,
    name: "",
    stance: "corner",
    wall: null,
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
    wall: place.wall,
    from_left_m: place.from_left_m,
    free_width_m: place.free_width_m,
    free_depth_m: place.free_depth_m,
    walkway_m: place.walkway_m,
    wall_m: place.wall_m,
    near_heat: place.near_heat,
    near_socket: place.near_socket,
  };
}

/** Of a room as it is kept, or of a new one. */
export function draftOf(room?: Schemas["Room"]): RoomDraft {
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
    plan: room?.plan ?? { walls: [], openings: [], things: [], sockets: [] },
  };
}

/** What was typed, as the server takes it. What is not known yet is left out, so that the server names it. */
export function bodyOf(draft: RoomDraft): Schemas["RoomFields"] {
  const { name, no_nails, heat, notes, plan, sloping, width_m, depth_m, ceiling_left_m } = draft;
  const measures = {
    width_m,
    depth_m,
    ceiling_left_m,
    ceiling_right_m: sloping ? draft.ceiling_right_m : ceiling_left_m,
  };
  const known = Object.fromEntries(Object.entries(measures).filter(([, value]) => value !== null));
  return {
    name,
    no_nails,
    heat,
    notes,
    plan,
    places: draft.places.map(placeBodyOf),
    ...known,
  } as Schemas["RoomFields"];
}
