import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { clockOf, stepName, type Block, type Day, type Step } from "./dayLayout";

/** Times are chosen in fives, minutes; a press of a key moves by more. */
export const FIVES = 5;
export const A_PRESS = 15;

/** Where a step stood before it was moved. */
export interface Ghost {
  step: string;
  on: string;
  from: number;
  to: number;
  top: number;
  rows: number;
  says: string;
}

function whatItComesTo({ homes, unplaced }: Schemas["StepMoved"]): string {
  const ends = homes.flatMap(({ name, end_min, before_min }) =>
    end_min === null || end_min === before_min
      ? []
      : [`${name} ends ${clockOf(end_min)}${before_min === null ? "" : ` instead of ${clockOf(before_min)}`}`],
  );
  const more = unplaced.after - unplaced.before;
  if (more > 0) ends.push(`${more} ${more === 1 ? "step finds" : "steps find"} no place now`);
  return ends.length > 0 ? ` ${ends.join("; ")}.` : "";
}

/** Moves of steps: the rest is planned again, what it comes to is told, and it can be taken back. */
export function useMoves() {
  const { say } = useUndo();
  const [ghost, setGhost] = useState<Ghost | null>(null);
  const [busy, setBusy] = useState(false);

  async function put(visit: string, step: Step, from: number | null, workers: string[]) {
    const params = { path: { id: visit } };
    const body = { step: step.id, from_min: from, workers };
    const moved = await ask(client.POST("/api/visits/{id}/moves", { params, body }));
    await queryClient.invalidateQueries({ queryKey: keys.days });
    return moved;
  }

  async function move(visit: string, step: Step, from: number | null, workers: string[]) {
    if (busy) return false;
    setBusy(true);
    try {
      const moved = await put(visit, step, from, workers);
      const { before } = moved;
      const where = from === null ? "goes where it may" : `stands at ${clockOf(from)}`;
      say(`${stepName(step)} ${where}.${whatItComesTo(moved)}`, async () => {
        setGhost(null);
        await put(before?.visit ?? visit, step, before?.from_min ?? null, before?.workers ?? []);
      });
      return true;
    } catch (error) {
      const problem = asProblem(error);
      say(problem.details.errors?.[0]?.message ?? problem.message);
      return false;
    } finally {
      setBusy(false);
    }
  }

  return {
    ghost,
    busy,
    /** By some minutes and rows, as it was dragged or pressed. */
    async shift(day: Day, block: Block, minutes: number, rows: number) {
      const { step, from, to, top } = block;
      const wanted = Math.round((from + minutes) / FIVES) * FIVES;
      const other = block.rows === 1 && step.workers.length === 1 ? day.workers[top + rows]?.id : undefined;
      const workers = other ? [other] : step.workers;
      if (wanted === from && workers.join() === step.workers.join()) return;
      const here = day.visits.filter(({ home }) => home === step.home);
      const visit = here.find(({ from_min, to_min }) => wanted >= from_min && wanted < to_min) ?? here[0];
      if (!visit || wanted < 0) return;
      const kept = { step: step.id, on: day.on, from, to, top, rows: block.rows, says: `${clockOf(from)} before` };
      if (await move(visit.id, step, wanted, workers)) setGhost(kept);
    },
    move,
  };
}

export type Moves = ReturnType<typeof useMoves>;
