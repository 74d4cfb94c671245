import { useMe } from "../api/queries";
import type { Units } from "./format";

/** How the studio of whoever is signed in likes its lengths. */
export function useUnits(): Units {
  return useMe().data?.studio.units ?? "metric";
}

export function useCurrency(): string {
  return useMe().data?.studio.currency ?? "EUR";
}
