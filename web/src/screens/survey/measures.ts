import type { PlaceDraft, RoomDraft } from "./roomDraft";

/** A measure a reading can go to: what it is called, what it says, and the draft with another one in it. */
export interface Measure {
  key: string;
  label: string;
  value: number | null;
  put: (draft: RoomDraft, metres: number | null) => RoomDraft;
}

type RoomLength = "width_m" | "depth_m" | "ceiling_left_m" | "ceiling_right_m";
type PlaceLength = "from_left_m" | "free_width_m" | "free_depth_m" | "walkway_m" | "wall_m";

const OF_PLACE: [PlaceLength, string][] = [
  ["from_left_m", "From the left"],
  ["free_width_m", "Free width"],
  ["free_depth_m", "Free depth"],
  ["walkway_m", "Walkway"],
  ["wall_m", "Wall it stands at"],
];

function ofRoom(draft: RoomDraft): [RoomLength, string][] {
  return [
    ["width_m", "Width"],
    ["depth_m", "Depth"],
    ["ceiling_left_m", draft.sloping ? "Ceiling at the left" : "Ceiling height"],
    ...(draft.sloping ? ([["ceiling_right_m", "Ceiling at the right"]] as [RoomLength, string][]) : []),
  ];
}

function ofPlace(place: PlaceDraft, i: number): Measure[] {
  return OF_PLACE.map(([name, label]) => ({
    key: `${place.key} ${name}`,
    label: `${label}, ${place.name || `place ${i + 1}`}`,
    value: place[name],
    put: (draft, metres) => ({
      ...draft,
      places: draft.places.map((one) => (one.key === place.key ? { ...one, [name]: metres } : one)),
    }),
  }));
}

/** All that is measured, in the order in which the form asks. */
export function measuresOf(draft: RoomDraft): Measure[] {
  return [
    ...ofRoom(draft).map(([name, label]) => ({
      key: name,
      label,
      value: draft[name],
      put: (before: RoomDraft, metres: number | null) => ({ ...before, [name]: metres }),
    })),
    ...draft.places.flatMap(ofPlace),
  ];
}

/** Where the next reading goes. */
export function nextEmpty(draft: RoomDraft): Measure | undefined {
  return measuresOf(draft).find(({ value }) => value === null);
}

/** A reading taken back leaves its measure empty, unless something else was typed there since. */
export function withoutReading(draft: RoomDraft, key: string, metres: number): RoomDraft {
  const measure = measuresOf(draft).find((one) => one.key === key);
  return measure?.value === metres ? measure.put(draft, null) : draft;
}
