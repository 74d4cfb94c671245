import { draftOf, newPlace, type RoomDraft } from "./roomDraft";

/** What was being typed of a survey before the page was loaded again. */
export interface LaidBy {
  draft: RoomDraft;
  /** As it stood when it was begun. */
  begun: RoomDraft;
  /** Of the room, when it was begun. */
  version: number;
}

/** Has all that the model has, of the same types; what the model leaves open may be a number or a text. */
function alike(said: unknown, model: object): boolean {
  if (typeof said !== "object" || said === null) return false;
  const found = new Map(Object.entries(said));
  return Object.entries(model).every(([name, like]) => {
    if (!found.has(name)) return false;
    const value: unknown = found.get(name);
    if (Array.isArray(like)) return Array.isArray(value);
    if (like === null) return value === null || ["number", "string"].includes(typeof value);
    return typeof value === typeof like;
  });
}

function isDraft(said: unknown): said is RoomDraft {
  return alike(said, draftOf()) && (said as RoomDraft).places.every((place) => alike(place, newPlace()));
}

/** Reads what the browser kept; null when there is none, or when it is of another shape than the form has now. */
export function laidByIn(text: string | null): LaidBy | null {
  if (!text) return null;
  try {
    const said = JSON.parse(text) as Partial<LaidBy> | null;
    return said && typeof said.version === "number" && isDraft(said.draft) && isDraft(said.begun)
      ? { draft: said.draft, begun: said.begun, version: said.version }
      : null;
  } catch {
    return null;
  }
}
