import type { Schemas } from "../api/client";
import { count, cutLength, type Units } from "./format";

/** Pieces, or ribbon by its length; of a reel or roll that is not kept by the length a part as well. */
export function amount(quantity: number, kind: Schemas["StockThing"]["kind"], units: Units): string {
  if (kind === "ribbon") return cutLength(quantity, units);
  return Number.isInteger(quantity) ? count(quantity) : String(Number(quantity.toFixed(2)));
}
