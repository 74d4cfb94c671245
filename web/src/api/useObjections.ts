import { useState } from "react";
import type { Problem, ProblemDetails } from "./client";
import { sameSaid } from "./merged";

type Objection = NonNullable<ProblemDetails["errors"]>[number];

/** What the server still objects to in a form. */
export interface Objections {
  /** What is wrong with a field, by its pointer; gone as soon as the field says something else. */
  field: (pointer: string) => string | undefined;
  /** How many fields are still as they were objected to. */
  beside: number;
  /** What belongs to no field of the form, in words. */
  rest: string[];
  problem: Problem | null;
}

function at(said: unknown, pointer: string): unknown {
  return pointer
    .split("/")
    .slice(1)
    .reduce<unknown>(
      (value, key) => (value === null || typeof value !== "object" ? value : Reflect.get(value, key)),
      said,
    );
}

function known(said: object, pointer: string): boolean {
  const [, first = ""] = pointer.split("/");
  return first in said;
}

/**
 * Objections of the server to what a form says: each beside its field, once, and no longer than the field says the same.
 *
 *   const objections = useObjections(problem, said, { "/price_cents": "/price" });
 *   <TextField error={Boolean(objections.field("/name"))} helperText={objections.field("/name")} />
 */
export function useObjections(
  problem: Problem | null,
  said: object,
  aliases: Readonly<Record<string, string>> = {},
): Objections {
  const [then, setThen] = useState({ problem, said });
  if (then.problem !== problem) setThen({ problem, said });
  const place = (error: Objection) =>
    aliases[error.pointer] ?? aliases[error.pointer.replace(/\/\d+$/, "")] ?? error.pointer;
  const errors = (problem?.details.errors ?? []).map((error) => ({ pointer: place(error), message: error.message }));
  const standing = errors.filter(
    ({ pointer }) => known(said, pointer) && sameSaid(at(then.said, pointer), at(said, pointer)),
  );
  return {
    field: (pointer) => standing.find((error) => error.pointer === pointer)?.message,
    beside: standing.length,
    rest: errors.filter(({ pointer }) => !known(said, pointer)).map(({ message }) => message),
    problem,
  };
}
