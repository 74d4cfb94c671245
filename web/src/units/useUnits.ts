import { useMe } from "../api/queries";
import type { Money, Units } from "./format";

/** How the studio of whoever is signed in likes its lengths. */
export function useUnits(): Units {
  return useMe().data?.studio.units ?? "metric";
}

/** Until it is known who is in, an amount has no sign. */
const UNSIGNED: Money = { sign: "", whole: false };

export function useCurrency(): Money {
  return useMe().data?.studio.money ?? UNSIGNED;
}
