import type { Schemas } from "../api/client";
import { leftOver } from "../units/amount";
import { count, counted, cutLength, money, type Money, type Units } from "../units/format";

/** What bench and lists tell of a line. */
type Line = Pick<
  Schemas["LedgerLine"],
  "kind" | "unit" | "short" | "spares_short" | "packs" | "left_over" | "buy_cents"
>;

/** A quantity of a line: pieces, or metres as they are cut. */
export function inLine(value: number, line: Pick<Line, "unit">, units: Units): string {
  return line.unit === "m" ? cutLength(value, units) : count(value);
}

/** What is bought of what is short, in packs, rolls, strings, with what is left over and what it costs; "" where nothing is. */
export function bought(line: Line, units: Units, currency: Money): string {
  if (line.short === 0 || line.packs === null) return "";
  const noun =
    line.unit === "m" ? "roll" : line.kind === "light" ? "string" : line.kind === "garland" ? "piece" : "pack";
  if (line.packs === 0) return `out of the ${noun} bought above`;
  const left = leftOver(line.left_over, line.unit === "m", units);
  const spares = line.short === line.spares_short ? " for spares" : "";
  const price = line.buy_cents === null ? " · no price" : line.buy_cents ? ` · ${money(line.buy_cents, currency)}` : "";
  return `buy ${counted(line.packs, noun)}${spares}${left}${price}`;
}
