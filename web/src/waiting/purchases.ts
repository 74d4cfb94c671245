import { ask, client, type Schemas } from "../api/client";
import { queueOf } from "./queue";

/** Something bought in a shop that waits for network. Its key makes it count once, however often it is sent. */
export interface WaitingPurchase {
  account: string;
  /** What it says in a list. */
  name: string;
  body: Schemas["Order"];
  refused?: string;
}

function isPurchase(value: unknown): value is WaitingPurchase {
  return typeof value === "object" && value !== null && "name" in value && "body" in value && "account" in value;
}

/** What was bought on the round. */
export const purchases = queueOf("deck-bough:purchases", isPurchase, ({ body }: WaitingPurchase) =>
  ask(client.POST("/api/purchases", { body })),
);
