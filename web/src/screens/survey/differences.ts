import type { ConflictRow } from "../../parts/ConflictDialog";
import { length, type Units } from "../../units/format";
import type { PlaceDraft, RoomDraft } from "./roomDraft";
import { HEAT, STANCES } from "./words";

function placeSays(place: PlaceDraft, units: Units): string {
  const measure = (label: string, value: number | null) => (value === null ? "" : `${label} ${length(value, units)}`);
  return [
    place.name || "no name",
    STANCES[place.stance],
    measure("width", place.free_width_m),
    measure("depth", place.free_depth_m),
    measure("walkway", place.walkway_m),
    measure("from the left", place.from_left_m),
    measure("wall", place.wall_m),
    place.near_socket ? "socket in reach" : "no socket",
    place.near_heat ? "heat near" : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** Entries of a plan with their measures. */
function told(entries: { name: string }[], units: Units): string {
  const measures = (entry: object) =>
    Object.values(entry)
      .filter((value) => typeof value === "number")
      .map((metres) => length(metres, units));
  return entries.map((entry) => [entry.name || "no name", ...measures(entry)].join(" ")).join("; ");
}

/** What two drafts of one room say differently, in the person's words and units. */
export function differences(mine: RoomDraft, theirs: RoomDraft, units: Units): ConflictRow[] {
  const measure = (value: number | null) => (value === null ? "" : length(value, units));
  const said = (draft: RoomDraft): [string, string][] => [
    ["Name", draft.name],
    ["Width", measure(draft.width_m)],
    ["Depth", measure(draft.depth_m)],
    ["Ceiling, left", measure(draft.ceiling_left_m)],
    ["Ceiling, right", measure(draft.sloping ? draft.ceiling_right_m : draft.ceiling_left_m)],
    ["Nails or glue", draft.no_nails ? "not allowed" : "allowed"],
    ["Heating", HEAT[draft.heat]],
    ["Notes", draft.notes],
    ["Walls", told(draft.plan.walls, units)],
    ["Openings", told(draft.plan.openings, units)],
    ["Furniture", told(draft.plan.things, units)],
    [
      "Sockets",
      told(
        draft.plan.sockets.map((socket) => ({ ...socket, name: "socket" })),
        units,
      ),
    ],
    ["Places", draft.places.map((place) => placeSays(place, units)).join("; ")],
  ];
  const other = said(theirs);
  return said(mine)
    .map(([label, value], i) => ({ label, mine: value, theirs: other[i]?.[1] ?? "" }))
    .filter((row) => row.mine !== row.theirs);
}
