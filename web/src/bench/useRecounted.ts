import { useState } from "react";
import { queryClient, useStyles } from "../api/queries";

/**
 * Changes when what is on hand was read anew, so that the same dials may give another plan. The first answer is asked for
 * together with the first plan and tells of the same stock, unless something was done meanwhile.
 */
export function useRecounted(pieceId: string): number {
  const { dataUpdatedAt, isFetching } = useStyles(pieceId);
  const [opened] = useState(() => queryClient.acts);
  const [first, setFirst] = useState<number | null>(null);
  const read = dataUpdatedAt > 0 && !isFetching;
  if (read && first === null) setFirst(queryClient.acts === opened ? dataUpdatedAt : 0);
  return first === null || dataUpdatedAt === first ? 0 : dataUpdatedAt;
}
