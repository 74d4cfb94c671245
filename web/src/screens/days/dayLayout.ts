import type { Schemas } from "../../api/client";
import { makes } from "../../parts/makes";

export type Span = Schemas["DaySpan"];
export type Step = Schemas["DayStep"];
export type Visit = Schemas["Visit"];
export type Worker = Schemas["Worker"];

export const DAY = 24 * 60;
/** Pixels: a row of one person, and what stands left of all rows. */
export const ROW = 50;
export const NAMES = 76;

/** One day of a span: who is there, and where they are. */
export interface Day {
  /** ISO date. */
  on: string;
  /** Minutes from the first day's midnight to this one's. */
  starts: number;
  visits: Visit[];
  workers: Worker[];
}

/** A step as it is drawn: minutes of its day, and the first and last of the rows it lies in. */
export interface Block {
  step: Step;
  from: number;
  to: number;
  top: number;
  rows: number;
}

/** The days of a span, each once, with everybody who is there on it. */
export function daysOf(span: Span, workers: Worker[]): Day[] {
  const dates = [...new Set(span.visits.map(({ held_on }) => held_on))];
  return dates.map((on) => {
    const visits = span.visits.filter(({ held_on }) => held_on === on);
    return {
      on,
      starts: visits[0]?.starts_min ?? 0,
      visits,
      workers: workers.filter(({ id }) => visits.some((visit) => visit.workers.includes(id))),
    };
  });
}

/** The hours that all days are drawn over, so that one hour is as long on each. */
export function hoursOf(spans: Span[]): { from: number; to: number } {
  const visits = spans.flatMap((span) => span.visits);
  if (visits.length === 0) return { from: 9 * 60, to: 17 * 60 };
  const worked = spans.flatMap(({ steps }) => steps.flatMap((step) => step.worked));
  const from = Math.min(...[...visits, ...worked].map(({ from_min }) => withinDay(from_min)));
  const to = Math.max(...visits.map(({ to_min }) => to_min), ...worked.map(({ to_min }) => withinDay(to_min)));
  return { from: Math.floor(from / 60) * 60, to: Math.ceil(to / 60) * 60 };
}

/** Steps of a day; one that two do side by side is one block over both rows, else it stands in each. */
export function blocksOf(span: Span, day: Day): Block[] {
  const row = new Map(day.workers.map(({ id }, i) => [id, i]));
  return span.steps.flatMap((step) => {
    const { from_min: from, to_min: to } = step;
    if (from === null || to === null || from < day.starts || from >= day.starts + DAY) return [];
    const rows = step.workers
      .map((id) => row.get(id))
      .filter((at) => at !== undefined)
      .sort((one, other) => one - other);
    const times = { step, from: from - day.starts, to: to - day.starts };
    const first = rows[0] ?? 0;
    const beside = rows.every((at, i) => at === first + i);
    return beside
      ? [{ ...times, top: first, rows: Math.max(rows.length, 1) }]
      : rows.map((top) => ({ ...times, top, rows: 1 }));
  });
}

/** Some time somebody worked on a step, in a row. */
export interface WorkedOn {
  step: Step;
  from: number;
  to: number;
  top: number;
  by: string | null;
}

/** What was worked on a day, in the row of who ticked it; in the first where that is none of those who came. */
export function workedOn(span: Span, day: Day): WorkedOn[] {
  return span.steps.flatMap((step) =>
    step.worked
      .filter(({ from_min }) => from_min >= day.starts && from_min < day.starts + DAY)
      .map(({ by, worker, from_min, to_min }) => ({
        step,
        by,
        from: from_min - day.starts,
        to: to_min - day.starts,
        top: Math.max(
          0,
          day.workers.findIndex(({ id }) => id === worker),
        ),
      })),
  );
}

export interface Wait {
  from: number;
  to: number;
  says: string;
}

/** Waits one below the other where they would lie over each other, each in the first lane that is free by then. */
export function lanesOf(waits: Wait[]): (Wait & { lane: number })[] {
  const free: number[] = [];
  return [...waits]
    .sort((one, other) => one.from - other.from)
    .map((wait) => {
      const found = free.findIndex((until) => until <= wait.from);
      const lane = found < 0 ? free.length : found;
      free[lane] = wait.to;
      return { ...wait, lane };
    });
}

/** "Paper star dries" of what was made by hand; "hooks set" of all else. */
function setsIn({ key, title }: Step): string {
  return makes(key) ? `${title.replace(/^Make /, "").replace(/,.*/, "")} dries` : `${title.toLowerCase()} set`;
}

/** What nobody does: things that set or dry, and the way from home to home. */
export function waitsOf(span: Span, day: Day): Wait[] {
  const byId = new Map(span.steps.map((step) => [step.id, step]));
  const drying = span.steps.flatMap((step) =>
    step.after.flatMap(({ id, wait_min }) => {
      const before = byId.get(id);
      const end = before && (before.to_min ?? before.worked.at(-1)?.to_min);
      if (wait_min === 0 || !before || end === undefined) return [];
      const [from, to] = [end - day.starts, end + wait_min - day.starts];
      return to > 0 && from < DAY ? [{ from, to, says: setsIn(before) }] : [];
    }),
  );
  const homes = [...day.visits].sort((one, other) => one.from_min - other.from_min);
  const ways = homes.slice(1).flatMap((visit, i) => {
    const before = homes[i];
    if (!before || before.home === visit.home || before.to_min >= visit.from_min) return [];
    return before.workers.some((id) => visit.workers.includes(id))
      ? [{ from: before.to_min, to: visit.from_min, says: "on the way" }]
      : [];
  });
  return [...drying, ...ways];
}

function withinDay(minutes: number): number {
  return ((minutes % DAY) + DAY) % DAY;
}

/** "9:05" of minutes since midnight. */
export function clockOf(minutes: number): string {
  const within = withinDay(minutes);
  return `${Math.floor(within / 60)}:${String(Math.round(within % 60)).padStart(2, "0")}`;
}

/** Minutes since midnight of "9:05"; null of anything else. */
export function minutesOf(clock: string): number | null {
  const [, hours, minutes] = /^(\d{1,2}):(\d\d)$/.exec(clock) ?? [];
  return hours === undefined || minutes === undefined ? null : Number(hours) * 60 + Number(minutes);
}

/** As a field for times wants it: "09:05". */
export function timeField(minutes: number): string {
  return clockOf(minutes).padStart(5, "0");
}

/** The day that minutes of a span lie on. */
export function dayOf(span: Span, minutes: number): string {
  const day = new Date(`${span.first_on}T12:00:00Z`);
  day.setUTCDate(day.getUTCDate() + Math.floor(minutes / DAY));
  return day.toISOString().slice(0, 10);
}

/** "Ornaments, 100" */
export function stepName({ title, count }: Pick<Step, "title" | "count">): string {
  return count === null ? title : `${title}, ${count}`;
}
