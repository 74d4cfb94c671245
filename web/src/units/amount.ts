import type { Schemas } from "../api/client";
import { count, cutLength, leftLength, type Units } from "./format";

/** Pieces, or ribbon by its length; of a reel or roll that is not kept by the length a part as well. */
export function amount(quantity: number, kind: Schemas["StockThing"]["kind"], units: Units): string {
  if (kind === "ribbon") return cutLength(quantity, units);
  return Number.isInteger(quantity) ? count(quantity) : String(Number(quantity.toFixed(2)));
}

/** What is over of what is bought: ", 3 over"; "" where that is nothing to speak of. */
export function leftOver(quantity: number, ribbon: boolean, units: Units): string {
  const told = ribbon ? leftLength(quantity, units) : amount(quantity, "decor", units);
  return /[1-9]/.test(told) ? `, ${told} over` : "";
}
