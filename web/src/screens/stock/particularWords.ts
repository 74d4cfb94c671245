import type { Schemas } from "../../api/client";
import { length, volume, type Units } from "../../units/format";
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
export function inWords(said: Particulars, { units, homes }: Reading): Record<string, string> {
  const home = homes.find(({ id }) => id === said.owner_home_id);
  const told: Partial<Record<Name, string | null>> = {
    season: SEASONS[said.season],
    role: said.role && ROLES[said.role],
    condition: CONDITIONS[said.condition],
    tag: TAGS[said.tag],
    drape: said.drape && DRAPES[said.drape],
    shape: said.shape && SHAPES[said.shape],
    riser_height_m: said.riser_height_m === null ? null : length(said.riser_height_m, units),
    riser_top_m: said.riser_top_m === null ? null : length(said.riser_top_m, units),
    litres: said.litres === null ? null : volume(said.litres, units),
    parts: said.parts.join(", "),
    shedding: said.shedding ? "yes" : "no",
    owner_home_id: home ? (home.client ?? home.name) : "the studio’s",
  };
  return Object.fromEntries(
    (Object.keys(LABELS) as Name[]).map((name) => [
      LABELS[name],
      (name in told ? told[name] : said[name]?.toString()) ?? "",
    ]),
  );
}
