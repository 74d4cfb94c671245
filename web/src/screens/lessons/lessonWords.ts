import type { Schemas } from "../../api/client";
import { cutLength, type Units } from "../../units/format";
import { numberReading } from "../../units/reading";

export type Rule = Schemas["LearntRule"];
export type Lesson = Schemas["Lesson"];
export type LessonOfJobs = Schemas["LessonOfJobs"];
export type Job = Schemas["LessonJob"];
export type Decision = Schemas["LogDecision"];

/** The value of a house rule without its unit: "0.6", "9.1". */
export function valueOf(value: number, { unit }: { unit: string }, units: Units): string {
  return numberReading(unit, units).brief(value);
}

/** Its unit as one reads it: "minutes each", "minutes per ft". */
export function unitOf({ unit }: { unit: string }, units: Units): string {
  return numberReading(unit, units).unit;
}

/** What a job took, or was planned to take: "66 min", "26.8 m", "96". */
export function took(amount: number, { quantity }: { quantity: string }, units: Units): string {
  if (quantity === "minutes") return `${Number(amount.toFixed(amount < 10 ? 1 : 0))} min`;
  return quantity === "m" ? cutLength(amount, units) : `${Math.round(amount)} ${quantity}`;
}

export function times(factor: number): string {
  return factor.toFixed(2);
}

/** What is said of a rule in its row. */
export function stateOf(lesson: Lesson, least: number, units: Units): string {
  switch (lesson.state) {
    case "few":
      return `${lesson.count} ${lesson.count === 1 ? "job" : "jobs"} of ${least}`;
    case "too_wide":
      return "too wide to say";
    case "chance":
      return "may be chance";
    case "suggests":
      return `suggests ${valueOf(lesson.suggested ?? lesson.value, lesson, units)}`;
    default:
      return "as it is";
  }
}

/** Homes as they are named first among the jobs: each has a ball of its own. */
export function homesOf(jobs: Job[]): string[] {
  return [...new Set(jobs.map(({ home_name }) => home_name || "Elsewhere"))].sort();
}

export function homeOf({ home_name }: Job): string {
  return home_name || "Elsewhere";
}
