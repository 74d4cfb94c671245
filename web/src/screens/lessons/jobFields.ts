import type { Schemas } from "../../api/client";
import type { InWords } from "../../parts/useKeptForm";
import { date, percent, type Units } from "../../units/format";
import { numberReading, type NumberReading } from "../../units/reading";
import type { Rule } from "./lessonWords";

export type LogTime = Schemas["LogTime"];

/** A job as it is typed. */
export interface Said {
  held_on: string;
  home: string | null;
  piece: string | null;
  piece_name: string;
  who: string;
  took: number | null;
  pace: number | null;
  left_out: string;
  parts: { rule: string; base: number | null; high: number }[];
}

export function saidOf(time: LogTime | undefined, rule: string, today: string): Said {
  return {
    held_on: time?.held_on ?? today,
    home: time?.home ?? null,
    piece: time?.piece ?? null,
    piece_name: time?.piece_name ?? "",
    who: time?.who ?? "",
    took: time?.took ?? null,
    pace: time?.pace ?? 1,
    left_out: time?.left_out ?? "",
    parts: time?.parts.map(({ rule: key, base, high }) => ({ rule: key, base, high: high ?? 0 })) ?? [
      { rule, base: null, high: 0 },
    ],
  };
}

interface Reading {
  units: Units;
  rules: Rule[];
  homes: { id: string; name: string }[];
  source: LogTime["source"] | undefined;
}

/** A job as the person reads it. */
export function inWords(said: Said, { units, rules, homes, source }: Reading): InWords<Said> {
  const ruleOf = (key: string) => rules.find((one) => one.key === key);
  const took = tookOf(ruleOf(said.parts[0]?.rule ?? "") ?? { quantity: "minutes" }, units, source);
  const parts = said.parts.map(({ rule, base, high }) => {
    const { per = "each", title = "" } = ruleOf(rule) ?? {};
    const { label, reading } = baseOf({ per }, units);
    const much = base === null || per === "" ? "" : `, ${label.toLowerCase()}: ${reading.brief(base)}`;
    return `${title}${much}${high > 0 ? `, ${percent(high)} from the ladder` : ""}`;
  });
  return {
    held_on: ["Day", said.held_on && date(said.held_on)],
    home: ["Home", homes.find(({ id }) => id === said.home)?.name ?? "elsewhere"],
    piece: ["Told of the piece", said.piece ? said.piece_name : "none"],
    piece_name: ["Piece or room", said.piece_name],
    who: ["Who", said.who],
    took: [took.label, said.took === null ? "" : took.reading.brief(said.took)],
    pace: ["Pace, × the usual", String(said.pace ?? "")],
    left_out: ["Does not count, because", said.left_out],
    parts: ["Work", parts.join("; ")],
  };
}

/** What is sent; what is still empty is nothing the server takes. */
export function bodyOf(said: Said, rules: Rule[]): Schemas["LogTimeFields"] {
  return {
    ...said,
    piece: said.piece,
    took: said.took ?? 0,
    pace: said.pace ?? 1,
    left_out: said.left_out.trim() || null,
    parts: said.parts.map((part) => ({ ...part, base: part.base ?? (once(part.rule, rules) ? 1 : 0) })),
  };
}

/** Whether it is done once, so that nobody asks how much of it there was. */
export function once(key: string, rules: Rule[]): boolean {
  return rules.find((rule) => rule.key === key)?.per === "";
}

const LENGTHS = ["per m", "m laid"];
const SAID: Record<string, string> = {
  each: "How many",
  "per ft": "Feet of height",
  "minutes of dressing": "Minutes it takes to dress",
  "per 100 bulbs": "Hundreds of bulbs",
};

/** What is asked of how much there was: "How many", "Metres laid". */
export function baseOf({ per }: Pick<Rule, "per">, units: Units): { label: string; reading: NumberReading } {
  if (LENGTHS.includes(per)) {
    const reading = numberReading("m", units, "long");
    return { label: `Length, ${reading.unit}`, reading };
  }
  const reading = numberReading(per, units);
  return { label: SAID[per] ?? `How much, ${reading.unit}`, reading };
}

/** Of a run sheet's minutes the pace of who ticked is taken out already. */
const MINUTES: Record<LogTime["source"], string> = {
  told: "Minutes by the clock",
  ticks: "Minutes at the usual pace",
};

/** What is asked of what it took. */
export function tookOf(
  { quantity }: Pick<Rule, "quantity">,
  units: Units,
  source?: LogTime["source"],
): { label: string; reading: NumberReading } {
  const reading = numberReading(quantity, units, "long");
  return { label: quantity === "minutes" ? MINUTES[source ?? "told"] : `Used, ${reading.unit}`, reading };
}
