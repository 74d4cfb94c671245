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

/** What the server answers when it will not. */
function refusal(status: number, detail: string) {
  return { error: { status, detail }, response: new Response(null, { status }) } as never;
}

test("what was refused says why, is not sent again by itself and can be let go", async () => {
  const asked = vi.spyOn(client, "POST").mockRejectedValue(new TypeError("no network"));
  await purchases.write(bought);
  asked.mockResolvedValue(refusal(422, "It is not there any more."));

  expect(await purchases.sendWaiting("ada@fir.example")).toBe(0);
  expect(purchases.waiting().map((one) => one.refused)).toEqual(["It is not there any more."]);
  const tries = asked.mock.calls.length;
  expect(await purchases.sendWaiting("ada@fir.example")).toBe(0);
  expect(asked).toHaveBeenCalledTimes(tries);
  purchases.forget("a");
  expect(purchases.waiting()).toEqual([]);
});

test("who is signed out keeps what waits, and what another version left is no purchase", async () => {
  const asked = vi.spyOn(client, "POST").mockRejectedValue(new TypeError("no network"));
  await purchases.write(bought);
  asked.mockResolvedValue(refusal(401, "Sign in again."));

  expect(await purchases.sendWaiting("ada@fir.example")).toBe(0);
  expect(purchases.waiting()).toEqual([bought]);
  kept.set("deck-bough:purchases", '[{"name":"half"}]');
  expect(purchases.waiting()).toEqual([]);
  kept.set("deck-bough:purchases", "[{");
  expect(purchases.waiting()).toEqual([]);
});
