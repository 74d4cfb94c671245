import { ask, client, type Schemas } from "../api/client";
import { queueOf } from "./queue";

/** A count of a box that waits for network. Its key makes it count once, however often it is sent. */
export interface WaitingCount {
  account: string;
  box: string;
  number: number;
  body: Schemas["BoxCount"];
  /** Why the studio refused it, once it was reached. */
  refused?: string;
}

function isCount(value: unknown): value is WaitingCount {
  return typeof value === "object" && value !== null && "box" in value && "body" in value && "account" in value;
}

/** Counts of boxes; what sending one says is what differed. */
export const counts = queueOf("deck-bough:counts", isCount, ({ box, body }: WaitingCount) =>
  ask(client.POST("/api/boxes/{id}/counts", { params: { path: { id: box } }, body })),
);

export const { waiting, onWaiting, forget, write, sendWaiting } = counts;
