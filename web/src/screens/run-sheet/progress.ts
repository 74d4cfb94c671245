import type { Schemas } from "../../api/client";
import type { WaitingVisitAct } from "../../waiting/visitActs";

export type Sheet = Schemas["RunSheet"];
export type RunStep = Sheet["steps"][number];
export type Turn = RunStep["turns"][number];
export type Thing = RunStep["things"][number];
export type Said = Pick<
  Schemas["RunState"]["acts"][number],
  "key" | "kind" | "step" | "turn" | "says" | "quantity" | "by" | "at" | "visit" | "box" | "photographs"
>;

const STANDING = ["wait_for", "skip", "carry_on"];

/** How far the work is: what is written down, and what this telephone still keeps to itself. */
export interface Progress {
  /** What stands, as it came to pass. */
  acts: Said[];
  isUp: (step: RunStep, turn: Turn) => boolean;
  /** It ran out, and the sheet here is not planned again yet. */
  isOut: (step: RunStep, turn: Turn) => boolean;
  isDone: (step: RunStep) => boolean;
  /** What it waits for, or null. */
  waitsFor: (step: RunStep) => string | null;
  isSkipped: (step: RunStep) => boolean;
  /** Why nobody works just now. */
  paused: Said | null;
  /** The act by which something of the whole visit was ticked, such as a thing in the car. */
  ticked: (turn: string) => Said | undefined;
  /** Turns two people have put up: each counts once. */
  clashes: { step: string; turn: string; by: string[] }[];
}

function told({ body, by, visit }: WaitingVisitAct): Said {
  const { key, kind, at } = body;
  return {
    key,
    kind,
    at,
    by,
    visit,
    step: body.step ?? "",
    turn: body.turn ?? "",
    says: body.says ?? "",
    quantity: body.quantity ?? null,
    box: body.box ?? null,
    photographs: [],
  };
}

export function hangs(turn: Turn): boolean {
  return turn.place !== null && !turn.check;
}

function place(step: string, turn: string): string {
  return `${step.split("/")[0]} ${turn}`;
}

/**
 * The same acts tell the same, in whatever order they came. What is up is up in the home; what waits, is skipped, paused or in
 * the car is so in one visit.
 */
export function progressOf(
  state: Schemas["RunState"],
  waiting: WaitingVisitAct[],
  visit: string,
  planned = state.stamp,
): Progress {
  const written = new Set(state.acts.map(({ key }) => key));
  const mine = waiting.filter(({ refused, body }) => !refused && !written.has(body.key));
  const back = new Set(mine.flatMap(({ body }) => (body.kind === "undo" && body.of ? [body.of] : [])));
  const all: Said[] = [...state.acts, ...mine.filter(({ body }) => body.kind !== "undo").map(told)];
  const acts = all
    .filter(({ key }) => !back.has(key))
    .sort((one, other) => Date.parse(one.at) - Date.parse(other.at) || (one.key < other.key ? -1 : 1));

  const ups = acts.filter(({ kind }) => kind === "up");
  const up = new Set(ups.map(({ step, turn }) => `${step} ${turn}`));
  const hung = new Set(state.hung.map(({ piece, turn }) => `${piece} ${turn}`));
  for (const { key, kind, step, turn } of all) if (kind === "up" && back.has(key)) hung.delete(place(step, turn));
  for (const { step, turn } of ups) hung.add(place(step, turn));

  const isUp = (step: RunStep, turn: Turn) =>
    hangs(turn) ? hung.has(`${step.piece} ${turn.key}`) : up.has(`${step.id} ${turn.key}`);
  // Until the sheet is the one that was planned without it.
  const unplanned = state.stamp === planned ? mine.filter(({ body }) => body.kind === "ran_out").map(told) : acts;
  const out = new Set(
    unplanned.flatMap(({ key, kind, step, turn }) => (kind === "ran_out" && !back.has(key) ? [place(step, turn)] : [])),
  );
  const here = acts.filter((act) => act.visit === visit);
  const standing = new Map(here.filter(({ kind }) => STANDING.includes(kind)).map((act) => [act.step, act]));
  const pause = here.filter(({ kind }) => kind === "pause" || kind === "resume").at(-1);
  const laid = new Map(here.filter(({ kind }) => kind === "laid_out").map((act) => [act.turn, act]));
  const both = new Map<string, Said[]>();
  for (const act of ups) both.set(`${act.step} ${act.turn}`, [...(both.get(`${act.step} ${act.turn}`) ?? []), act]);

  return {
    acts,
    isUp,
    isOut: (step, turn) => turn.thing !== null && !turn.check && out.has(`${step.piece} ${turn.thing}`),
    isDone: (step) => step.turns.every((turn) => isUp(step, turn)),
    waitsFor: ({ id }) => {
      const last = standing.get(id);
      return last?.kind === "wait_for" ? last.says : null;
    },
    isSkipped: ({ id }) => standing.get(id)?.kind === "skip",
    paused: pause?.kind === "pause" ? pause : null,
    ticked: (turn) => laid.get(turn),
    clashes: [...both.values()]
      .map((same) => ({
        step: same[0]?.step ?? "",
        turn: same[0]?.turn ?? "",
        by: [...new Set(same.map(({ by }) => by ?? ""))],
      }))
      .filter(({ by }) => by.length > 1),
  };
}

/** Steps as they come: what is skipped after the others; what waits comes in another visit. */
export function upcoming(sheet: Sheet, progress: Progress, worker: string | null): RunStep[] {
  const open = sheet.steps.filter(
    (step) =>
      nextTurn(step, progress) !== undefined &&
      progress.waitsFor(step) === null &&
      (worker === null || step.workers.includes(worker)),
  );
  return [...open.filter((step) => !progress.isSkipped(step)), ...open.filter((step) => progress.isSkipped(step))];
}

export function nextTurn(step: RunStep, progress: Progress): Turn | undefined {
  return step.turns.find((turn) => !progress.isUp(step, turn) && !progress.isOut(step, turn));
}

/** Turns of the same thing in a step: "7 of 14". */
export function sameThing(step: RunStep, turn: Turn): Turn[] {
  return step.turns.filter((one) => one.thing === turn.thing && one.check === turn.check && hangs(one) === hangs(turn));
}

export interface Lying {
  box: string | null;
  number: number | null;
  place: string | null;
  left: number;
}

/** How much of a style was taken out of its boxes: ornaments one by one, ribbon as much as it took. */
function takenOf(sheet: Sheet, progress: Progress, style: string): number {
  const used = progress.acts
    .filter(({ kind, turn }) => kind === "used" && turn === style)
    .reduce((sum, { quantity }) => sum + (quantity ?? 0), 0);
  const up = sheet.steps.flatMap((step) => {
    const units = new Map(step.things.map(({ key, unit }) => [key, unit]));
    return step.turns.filter(
      (turn) => turn.thing === style && units.get(style) !== "m" && !turn.check && progress.isUp(step, turn),
    );
  });
  return used + up.reduce((sum, { need }) => sum + (need ?? 0), 0);
}

/** From which box the next one of a style comes, and how many are still in it; boxes are emptied one after the other. */
export function lyingOf(sheet: Sheet, progress: Progress, style: string | null): Lying | null {
  if (!style) return null;
  let gone = takenOf(sheet, progress, style);
  for (const { box, number, place: where, quantity, style: lies } of sheet.places) {
    if (lies !== style) continue;
    if (quantity > gone) return { box, number, place: where, left: quantity - gone };
    gone -= quantity;
  }
  return null;
}
