import { useState } from "react";
import { queryClient, useStyles } from "../api/queries";

interface Read {
  /** When what is on hand was last read, milliseconds; 0 before it was. */
  at: number;
  underWay: boolean;
}

/**
 * The reading that tells of the same stock as the first plan, for both are asked for together: the first one, unless something
 * was done meanwhile. Null until it is known, 0 where there is none.
 */
export function readWithPlan(known: number | null, { at, underWay }: Read, acted: boolean): number | null {
  if (known !== null || at === 0 || underWay) return known;
  return acted ? 0 : at;
}

/** Changes when what is on hand was read anew, so that the same dials may give another plan. */
export function recounted(withPlan: number | null, { at }: Read): number {
  return withPlan === null || at === withPlan ? 0 : at;
}

/** `recounted` of what a bench reads of its styles. */
export function useRecounted(pieceId: string): number {
  const { dataUpdatedAt, isFetching } = useStyles(pieceId);
  const [opened] = useState(() => queryClient.acts);
  const [known, setKnown] = useState<number | null>(null);
  const read = { at: dataUpdatedAt, underWay: isFetching };
  const withPlan = readWithPlan(known, read, queryClient.acts !== opened);
  if (withPlan !== known) setKnown(withPlan);
  return recounted(withPlan, read);
}
