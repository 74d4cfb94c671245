import { makes } from "../../parts/makes";
import { amount } from "../../units/amount";
import { clockPosition, depthWords, type Units } from "../../units/format";
import { BRIDGE } from "./strike";
import { hangs, sameThing, type Progress, type RunStep, type Sheet, type Thing, type Turn } from "./progress";

/** What is put up now: a thing, or the step itself. */
export function nameOf(step: RunStep, thing: Thing | undefined, turn: Turn): string {
  if (turn.check) return thing?.label ?? "Keepsake";
  return thing?.label ?? step.title;
}

/** "7 of 14" of what hangs one by one; "16" or "14.2 m" of what goes up at once. */
export function countOf(step: RunStep, turn: Turn, thing: Thing | undefined, progress: Progress, units: Units) {
  if (hangs(turn) || turn.check) {
    const same = sameThing(step, turn);
    const up = same.filter((one) => progress.isUp(step, one)).length;
    return { at: String(up + 1), of: String(same.length) };
  }
  if (turn.need === null) return null;
  return { at: thing ? amountOf(turn.need, thing, units) : String(turn.need), of: null };
}

export function amountOf(quantity: number, thing: Pick<Thing, "unit">, units: Units): string {
  return amount(quantity, thing.unit === "m" ? "ribbon" : "ornament", units);
}

/** What the whole-width button says of a turn. */
export function doneWords(sheet: Sheet, step: RunStep, thing: Thing | undefined, turn: Turn): string {
  if (turn.check) return sheet.strike ? "It is in my hand" : "It is there";
  if (makes(step.key)) return "It is made";
  if (sheet.strike && step.key !== BRIDGE && thing?.kind === "light") return "Wound, in its box";
  if (sheet.strike && step.key !== BRIDGE) return thing ? "It is in its box" : step.piece ? "It is down" : "It is done";
  return thing || step.piece ? "It is up" : "It is done";
}

export function placeWords(turn: Turn): { where: string; depth: string } | null {
  const { place } = turn;
  if (!place) return null;
  return { where: `tier ${place.tier}, ${clockPosition(place.clock)}`, depth: depthWords(place.depth_word) };
}
