import type { Schemas } from "../api/client";

type Content = Schemas["BoxContent"];

/** A count of a box somebody is in the middle of; kept here, so that a telephone that goes out loses none of it. */
export interface BegunCount {
  account: string;
  /** Makes it count once, also when it goes on after it was sent. */
  key: string;
  /** What was found beyond what was expected. */
  more: Pick<Content, "id" | "name" | "kind" | "colour" | "material" | "texture" | "quantity">[];
  seen: [string, number][];
  note: string;
}

const place = (box: string) => `deck-bough:counting:${box}`;

function isBegun(value: unknown): value is BegunCount {
  return (
    typeof value === "object" &&
    value !== null &&
    "key" in value &&
    "seen" in value &&
    "more" in value &&
    "note" in value
  );
}

/** What this person has begun to count in a box. */
export function begun(box: string, account: string): BegunCount | null {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(place(box)) ?? "null");
    return isBegun(read) && read.account === account ? read : null;
  } catch {
    return null;
  }
}

export function goOn(box: string, count: BegunCount) {
  try {
    localStorage.setItem(place(box), JSON.stringify(count));
  } catch {
    // A browser that keeps nothing counts all the same.
  }
}

export function done(box: string) {
  localStorage.removeItem(place(box));
}
