import type { Schemas } from "../../api/client";
import { particulars as declared } from "../../api/declared";

type Kind = Schemas["Style"]["kind"];
/** As it is typed: parts one a line. */
export type Particulars = Required<Omit<Schemas["Particulars"], "parts">> & { parts: string };

/** Whether a field matters to a kind of thing; whose it is matters to all. */
export function asks(kind: Kind, name: keyof Particulars): boolean {
  return name === "owner_home_id" || (declared[kind] as readonly string[]).includes(name);
}

/** What is sent: only what is asked of the kind; what was left empty is not known. */
export function bodyOf(kind: Kind, said: Particulars): Schemas["Particulars"] {
  const parts = said.parts
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
  const asked = Object.entries({ ...said, parts }).filter(([name]) => asks(kind, name as keyof Particulars));
  return Object.fromEntries(asked.map(([name, value]) => [name, value === "" ? null : value]));
}

/** What stands in the form of a thing. */
export function saidOf(thing: Schemas["StockDetails"]): Particulars {
  return {
    season: thing.season,
    role: thing.role,
    condition: thing.condition,
    finish: thing.finish,
    bought_from: thing.bought_from,
    bought_on: thing.bought_on,
    seasons_expected: thing.seasons_expected,
    spare_kept: thing.spare_kept,
    tag: thing.tag,
    decide_by: thing.decide_by,
    keepsake_of: thing.keepsake_of,
    keepsake_year: thing.keepsake_year,
    keepsake_from: thing.keepsake_from,
    shedding: thing.shedding,
    drape: thing.drape,
    shape: thing.shape,
    riser_height_m: thing.riser_height_m,
    riser_top_m: thing.riser_top_m,
    tested_on: thing.tested_on,
    dead_percent: thing.dead_percent,
    litres: thing.litres,
    parts: thing.parts.join("\n"),
    owner_home_id: thing.owner_home_id,
  };
}
