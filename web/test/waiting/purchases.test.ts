import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { client } from "../../src/api/client";
import { purchases, type WaitingPurchase } from "../../src/waiting/purchases";

const kept = new Map<string, string>();

beforeEach(() => {
  kept.clear();
  vi.stubGlobal("localStorage", {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, text: string) => void kept.set(name, text),
  });
  vi.stubGlobal("window", new EventTarget());
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

const bought: WaitingPurchase = {
  account: "ada@fir.example",
  name: "Plum drop",
  body: { key: "a", supplier: null, arrived: true, lines: [{ style: "s", pack_size: 4, packs: 1, price_cents: 100 }] },
};

test("what was bought without network waits beside counts of boxes and goes once", async () => {
  const asked = vi.spyOn(client, "POST").mockRejectedValue(new TypeError("no network"));

  expect(await purchases.write(bought)).toBeNull();
  expect(await purchases.write(bought)).toBeNull();
  expect([...kept.keys()]).toEqual(["deck-bough:purchases"]);
  asked.mockResolvedValue({ data: { id: "p" }, response: new Response(null, { status: 201 }) } as never);

  expect(await purchases.sendWaiting("bo@fir.example")).toBe(0);
  expect(await purchases.sendWaiting("ada@fir.example")).toBe(1);
  expect(await purchases.sendWaiting("ada@fir.example")).toBe(0);
  expect(asked).toHaveBeenLastCalledWith("/api/purchases", { body: bought.body });
  expect(purchases.waiting()).toEqual([]);
});
