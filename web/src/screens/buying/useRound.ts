import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { newKey } from "../../api/key";
import { useMe } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { purchases } from "../../waiting/purchases";
import { useWaitingPurchases } from "../../waiting/useWaiting";
import { reread, type Line } from "./useBuying";

/** Ticking off what was bought on the round: it is in stock at once, and without network as soon as there is some. */
export function useRound() {
  const account = useMe().data?.account.email;
  const waiting = useWaitingPurchases(account);
  const { say } = useUndo();
  const [busy, setBusy] = useState<string | null>(null);

  async function buy(line: Line) {
    if (busy || !account || line.quote.packs.length === 0) return;
    setBusy(line.id);
    const body = {
      key: newKey(),
      supplier: line.quote.supplier,
      arrived: true,
      lines: line.quote.packs.map(({ size, count, price_cents }) => ({
        style: line.id,
        pack_size: size,
        packs: count,
        price_cents,
      })),
    };
    try {
      const bought = await purchases.write({ account, name: line.name, body });
      if (bought) {
        await reread();
        say(`${line.name} is in stock.`, async () => {
          await ask(client.DELETE("/api/purchases/{id}", { params: { path: { id: bought.id } } }));
          await reread();
        });
      }
    } catch (error) {
      say(asProblem(error).message);
    }
    setBusy(null);
  }

  return {
    buy,
    busy,
    /** Bought already, but not yet written down. */
    waits: (line: Line) =>
      waiting.find(({ body, refused }) => !refused && body.lines.some((one) => one.style === line.id)),
    refused: waiting.filter(({ refused }) => refused),
    forget: (key: string) => purchases.forget(key),
    pending: waiting.filter(({ refused }) => !refused).length,
  };
}

export type Rounds = ReturnType<typeof useRound>;
