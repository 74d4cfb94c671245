import type { Problem } from "./client";

/** What two people made of what both had opened. */
export interface Merged<S> {
  /** What each changed, and where both changed the same field the one's own. */
  mine: S;
  /** The same with the other's there. */
  theirs: S;
  /** Fields that both changed, each to something else. */
  clashing: (keyof S)[];
}

/** Whether both say the same, lists and what is in them too. */
export function sameSaid(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/**
 * Puts together what two people changed of one thing, field by field: nobody brings back what the other changed.
 *
 *   merged({ name: "Halyard", note: "" }, { name: "Halyards", note: "" }, { name: "Halyard", note: "Rings twice." })
 *   // mine and theirs: { name: "Halyards", note: "Rings twice." }, clashing: []
 */
export function merged<S extends object>(begun: S, mine: S, theirs: S): Merged<S> {
  const fields = Object.keys(mine) as (keyof S)[];
  const changed = fields.filter((field) => !sameSaid(mine[field], begun[field]));
  const clashing = changed.filter(
    (field) => !sameSaid(theirs[field], begun[field]) && !sameSaid(mine[field], theirs[field]),
  );
  const own = (taken: (keyof S)[]) =>
    taken.reduce<S>((said, field) => ({ ...said, [field]: mine[field] }), { ...theirs });
  return {
    mine: own(changed),
    theirs: own(changed.filter((field) => !clashing.includes(field))),
    clashing,
  };
}

/** @returns the state somebody else kept meanwhile, where that is why it was refused */
export function keptMeanwhile<T extends { version: number }>(told: Problem, known: T | undefined): T | null {
  const { current } = told.details;
  if (told.status !== 409 || !current || !known) return null;
  const theirs: T = { ...known, ...current };
  return theirs.version === known.version ? null : theirs;
}
