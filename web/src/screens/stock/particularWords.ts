import type { Schemas } from "../../api/client";
import type { InWords } from "../../parts/useKeptForm";
import { date, length, volume, type Units } from "../../units/format";
import type { Particulars } from "./particularFields";
import { CONDITIONS, DRAPES, ROLES, SEASONS, SHAPES, TAGS } from "./words";

type Name = keyof Particulars;

/** What the fields are called. */
export const LABELS: Record<Name, string> = {
  season: "Season",
  role: "Role",
  condition: "Condition",
  finish: "Finish",
  bought_from: "Bought from",
  bought_on: "Bought on",
  seasons_expected: "Seasons it should last",
  spare_kept: "Kept in spare",
  tag: "Tags",
  decide_by: "Decide by",
  keepsake_of: "Keepsake of",
  keepsake_year: "Of the year",
  keepsake_from: "From where",
  shedding: "Sheds",
  drape: "Drape",
  shape: "Drawn as",
  riser_height_m: "Riser, high",
  riser_top_m: "Riser, top across",
  tested_on: "Tested on",
  dead_percent: "Dead bulbs, %",
  litres: "Takes up, each",
  parts: "Parts",
  owner_home_id: "Whose it is",
};

interface Reading {
  units: Units;
  homes: Schemas["Home"][];
}

/** A field as the person reads it. */
export function inWords(said: Particulars, { units, homes }: Reading): InWords<Particulars> {
  const home = homes.find(({ id }) => id === said.owner_home_id);
  const measured = (metres: number | null) => (metres === null ? "" : length(metres, units));
  const day = (on: string | null) => (on ? date(on) : "");
  return {
    season: [LABELS.season, SEASONS[said.season]],
    role: [LABELS.role, said.role ? ROLES[said.role] : "not said"],
    condition: [LABELS.condition, CONDITIONS[said.condition]],
    finish: [LABELS.finish, said.finish ?? ""],
    bought_from: [LABELS.bought_from, said.bought_from ?? ""],
    bought_on: [LABELS.bought_on, day(said.bought_on)],
    seasons_expected: [LABELS.seasons_expected, String(said.seasons_expected ?? "")],
    spare_kept: [LABELS.spare_kept, String(said.spare_kept ?? "")],
    tag: [LABELS.tag, TAGS[said.tag]],
    decide_by: [LABELS.decide_by, day(said.decide_by)],
    keepsake_of: [LABELS.keepsake_of, said.keepsake_of ?? ""],
    keepsake_year: [LABELS.keepsake_year, String(said.keepsake_year ?? "")],
    keepsake_from: [LABELS.keepsake_from, said.keepsake_from ?? ""],
    shedding: [LABELS.shedding, said.shedding ? "yes" : "no"],
    drape: [LABELS.drape, said.drape ? DRAPES[said.drape] : "not said"],
    shape: [LABELS.shape, said.shape ? SHAPES[said.shape] : "a swatch of its colour"],
    riser_height_m: [LABELS.riser_height_m, measured(said.riser_height_m)],
    riser_top_m: [LABELS.riser_top_m, measured(said.riser_top_m)],
    tested_on: [LABELS.tested_on, day(said.tested_on)],
    dead_percent: [LABELS.dead_percent, said.dead_percent === null ? "" : `${said.dead_percent} %`],
    litres: [LABELS.litres, said.litres === null ? "" : volume(said.litres, units)],
    parts: [LABELS.parts, said.parts.split("\n").join(", ")],
    owner_home_id: [LABELS.owner_home_id, home ? (home.client ?? home.name) : "the studio’s"],
  };
}
