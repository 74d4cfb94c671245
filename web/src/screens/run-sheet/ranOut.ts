import type { VisitAct } from "../../waiting/visitActs";
import type { Progress, RunStep, Sheet, Thing, Turn } from "./progress";

export type Saying = Pick<VisitAct, "kind"> & Partial<VisitAct>;
export type Over = Sheet["pieces"][number]["over"][number];

/** Something that ran out in the middle of the work. */
export interface RanOut {
  step: RunStep;
  turn: Turn;
  thing: Thing;
}

function pieceOf(sheet: Sheet, step: RunStep) {
  return sheet.pieces.find(({ id }) => id === step.piece);
}

/** What lies on the table and could go on in its place. */
export function offersFor(sheet: Sheet, { step, thing }: RanOut): Over[] {
  const over = pieceOf(sheet, step)?.over ?? [];
  return over.filter(({ kind, style }) => kind === thing.kind && style !== thing.style);
}

/** Whether a tree is planned again by how much of a ribbon there was. */
export function sharesAgain(sheet: Sheet, { step, thing, turn }: RanOut): boolean {
  return pieceOf(sheet, step)?.kind === "tree" && thing.kind === "ribbon" && thing.style !== null && !turn.check;
}

/** Whether another ribbon is planned on the same tree. */
export function hasOthers(sheet: Sheet, { step, thing }: RanOut): boolean {
  return sheet.steps
    .filter(({ piece }) => piece === step.piece)
    .some(({ things }) =>
      things.some(({ kind, style }) => kind === "ribbon" && style !== null && style !== thing.style),
    );
}

/** Metres of a ribbon that were used on a piece before. */
export function usedBefore(progress: Progress, { step, thing }: RanOut): number {
  return progress.acts
    .filter((act) => act.kind === "used" && act.turn === thing.style && act.step.split("/")[0] === step.piece)
    .reduce((sum, { quantity }) => sum + (quantity ?? 0), 0);
}

/** How far it will have gone: what was used before, and what of the present turn was there at all. */
export function likelyThere(progress: Progress, ranOut: RanOut): number {
  const { turn, thing } = ranOut;
  const there = Math.max(0, (turn.need ?? 0) - thing.short);
  return Math.round((usedBefore(progress, ranOut) + there) * 1000) / 1000;
}

/** What is said when ornaments ran out and the others are spread again, or something else hangs in their places. */
export function ornamentsRanOut({ step, thing }: RanOut, instead: Over | null): Saying[] {
  return [{ kind: "ran_out", step: step.id, turn: thing.key, ...(instead && { instead: instead.style }) }];
}

/** What is said when a ribbon ran out after so many metres: it is up as far as it went, and used so far. */
export function ribbonRanOut(ranOut: RanOut, there: number, before: number, instead: Over | null): Saying[] {
  const { step, turn, thing } = ranOut;
  const used = Math.round((there - before) * 1000) / 1000;
  return [
    { kind: "ran_out", step: step.id, turn: thing.key, quantity: there, ...(instead && { instead: instead.style }) },
    { kind: "up", step: step.id, turn: turn.key },
    ...(used > 0 ? [{ kind: "used" as const, step: step.id, turn: thing.key, quantity: used }] : []),
  ];
}

/** It is well with what is up: nothing is planned again. */
export function wellAsItIs({ step, turn, thing }: RanOut): Saying[] {
  return [
    { kind: "ran_out", step: step.id, turn: thing.key },
    { kind: "up", step: step.id, turn: turn.key },
  ];
}
