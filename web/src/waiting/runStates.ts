import type { Schemas } from "../api/client";

type RunState = Schemas["RunState"];

const PLACE = "deck-bough:run-state:";

function isState(value: unknown): value is RunState {
  return typeof value === "object" && value !== null && "acts" in value && "hung" in value && "stamp" in value;
}

/** How far a visit was when the studio was last reached: what was written down since a run sheet was loaded is not lost with the line. */
export function rememberState(visit: string, state: RunState) {
  try {
    localStorage.setItem(PLACE + visit, JSON.stringify(state));
  } catch {
    // A full browser knows what the run sheet knew when it was loaded.
  }
}

export function knownState(visit: string): RunState | undefined {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(PLACE + visit) ?? "null");
    return isState(read) ? read : undefined;
  } catch {
    return undefined;
  }
}

export function forgetStates() {
  Object.keys(localStorage)
    .filter((key) => key.startsWith(PLACE))
    .forEach((key) => localStorage.removeItem(key));
}
