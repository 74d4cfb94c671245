import type { Schemas } from "../../api/client";
import type { Progress, Said, Sheet } from "./progress";

export type Into = NonNullable<Sheet["strike"]>["into"][number];
type Boxed = Pick<Into, "box" | "number" | "place">;

/** The key of the step in which what stands empty is dressed for the winter. */
export const BRIDGE = "bridge";

/** The key of the turn in which hooks come off a wall or stay. */
export const HOOKS = "hooks";
/** The key of the step in which a piece is looked over and its boxes are closed. */
export const CLOSE = "off_step_back";

/** The key of the turn in which cells are taken out of what burns on them. */
export const CELLS = "cells";

/** Into which box something goes: as somebody has said, else where it came from, else where there is room. */
export function intoOf(sheet: Sheet, progress: Progress, style: string | null): Boxed | null {
  if (!sheet.strike || style === null) return null;
  const { boxes, into } = sheet.strike;
  const said = latest(progress, "boxed", style);
  const box = boxes.find(({ id }) => id === said?.box);
  if (box) return { box: box.id, number: box.number, place: box.place };
  return into.find((one) => one.style === style) ?? null;
}

/** Where that of a step lies: what is carried over goes from there. Of another step's of the same thing it says nothing. */
export function lastBox(sheet: Sheet, progress: Progress, step: string, style: string): string | null {
  const said = progress.acts.findLast((act) => act.kind === "boxed" && act.step === step && act.turn === style);
  return said?.box ?? sheet.strike?.into.find((one) => one.style === style && !one.proposed)?.box ?? null;
}

/** Whether some of it lies in no box, and nobody has said of this step where it goes. */
export function isLoose(sheet: Sheet, progress: Progress, step: string, style: string): boolean {
  const boxed = progress.acts.some((act) => act.kind === "boxed" && act.step === step && act.turn === style);
  return !boxed && sheet.places.some((lot) => lot.style === style && lot.box === null && lot.quantity > 0);
}

export function latest(progress: Progress, kind: Schemas["VisitActKind"], turn: string): Said | undefined {
  return progress.acts.findLast((act) => act.kind === kind && act.turn === turn);
}

/** "2 broken, 1 lost" of what was said of a thing in this step. */
export function amiss(progress: Progress, step: string, style: string): string {
  return (["broken", "lost", "found"] as const)
    .flatMap((kind) => {
      const many = progress.acts
        .filter((act) => act.kind === kind && act.turn === style && act.step === step)
        .reduce((sum, { quantity }) => sum + (quantity ?? 1), 0);
      return many > 0 ? [`${many} ${kind}`] : [];
    })
    .join(", ");
}

/** The boxes of what comes down here, each with how much lies in it now. */
export function boxesOf(sheet: Sheet): {
  box: string;
  number: number;
  place: string;
  things: { label: string; unit: "pieces" | "m"; quantity: number }[];
}[] {
  const labels = new Map(sheet.steps.flatMap(({ things }) => things.map((thing) => [thing.style, thing] as const)));
  const ids = [...new Set(sheet.places.flatMap(({ box }) => (box === null ? [] : [box])))];
  return ids
    .flatMap((box) => {
      const here = sheet.places.filter((one) => one.box === box);
      const [first] = here;
      if (!first || first.number === null) return [];
      const things = here.flatMap(({ style, quantity }) => {
        const thing = labels.get(style);
        return thing ? [{ label: thing.label, unit: thing.unit, quantity }] : [];
      });
      return [{ box, number: first.number, place: first.place ?? "", things }];
    })
    .sort((one, other) => one.number - other.number);
}
