import { declared } from "../src/api/declared";
import type { Schemas } from "../src/api/client";

type Dials = Record<string, { default?: unknown }>;

function defaults(kind: "tree" | "run", change: Record<string, object>): object {
  const groups: Record<string, Dials> = declared[kind];
  return Object.fromEntries(
    Object.entries(groups).map(([group, dials]) => [
      group,
      {
        ...Object.fromEntries(Object.entries(dials).map(([name, dial]) => [name, dial.default])),
        ...change[group],
      },
    ]),
  );
}

/** A tree's settings at their defaults, with what is named changed. */
export function tree(change: { [G in keyof Schemas["TreeSettings"]]?: Partial<Schemas["TreeSettings"][G]> } = {}) {
  return defaults("tree", change) as Schemas["TreeSettings"];
}

/** A run's settings at their defaults, with what is named changed. */
export function run(change: { [G in keyof Schemas["RunSettings"]]?: Partial<Schemas["RunSettings"][G]> } = {}) {
  return defaults("run", change) as Schemas["RunSettings"];
}
