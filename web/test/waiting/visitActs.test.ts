import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { client } from "../../src/api/client";
import { sendVisitActs, visitActs, type WaitingVisitAct } from "../../src/waiting/visitActs";

const kept = new Map<string, string>();
const ADA = "ada@fir.example";

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

const said = (key: string, visit = "v"): WaitingVisitAct => ({
  account: ADA,
  by: "Ada",
  visit,
  name: key,
  body: { key, kind: "note", at: "2026-11-28T10:00:00Z" },
});

function taken(refused: { key: string; message: string }[] = []) {
  const data = { stamp: "", acts: [], hung: [], done: [], refused };
  return { data, response: new Response(null, { status: 200 }) } as never;
}

function refusal(status: number, detail: string) {
  return { error: { status, detail }, response: new Response(null, { status }) } as never;
}

const keysSent = (calls: unknown[][]) =>
  calls.map(([, asked]) => (asked as { body: { acts: { key: string }[] } }).body.acts.map(({ key }) => key));

test("what was said goes in its order, a visit and a hundred at a time, and waits no more", async () => {
  const acts = Array.from({ length: 103 }, (_, i) => said(String(i)));
  visitActs.keep([...acts, said("other", "w")]);
  const asked = vi.spyOn(client, "POST").mockResolvedValue(taken());

  expect(await sendVisitActs("bo@fir.example")).toBe(0);
  expect(await sendVisitActs(ADA)).toBe(104);
  expect(keysSent(asked.mock.calls).map(({ length }) => length)).toEqual([100, 3, 1]);
  expect(keysSent(asked.mock.calls).flat()).toEqual([...acts.map(({ body }) => body.key), "other"]);
  expect(visitActs.waiting()).toEqual([]);
});

test("what the clock here shows goes with it, so that a wrong one is put right", async () => {
  visitActs.keep([said("a")]);
  const asked = vi.spyOn(client, "POST").mockResolvedValue(taken());
  vi.useFakeTimers({ now: new Date("2026-11-28T09:14:03.120Z") });
  await sendVisitActs(ADA);
  vi.useRealTimers();

  const [told] = (asked.mock.calls as unknown[][]).map((call) => (call[1] as { body: { sent_at: string } }).body);

  expect(new Date(told?.sent_at ?? "").toISOString()).toBe("2026-11-28T09:14:03.120Z");
});

test("one that is refused says why, and the others are taken", async () => {
  visitActs.keep([said("a"), said("b")]);
  vi.spyOn(client, "POST").mockResolvedValue(taken([{ key: "b", message: "It is gone." }]));
  await sendVisitActs(ADA);

  expect(visitActs.waiting().map(({ body, refused }) => [body.key, refused])).toEqual([["b", "It is gone."]]);
});

test("a batch that cannot be read is sent one by one", async () => {
  visitActs.keep([said("a"), said("bad"), said("c")]);
  vi.spyOn(client, "POST").mockImplementation(((_: string, asked: { body: { acts: { key: string }[] } }) =>
    Promise.resolve(
      asked.body.acts.some(({ key }) => key === "bad") ? refusal(422, "It is no text.") : taken(),
    )) as never);
  await sendVisitActs(ADA);

  expect(visitActs.waiting().map(({ body, refused }) => [body.key, refused])).toEqual([["bad", "It is no text."]]);
});

test.each([0, 401, 429, 500, 503])("a studio that answers %i takes nothing away: it is sent again", async (status) => {
  visitActs.keep([said("a"), said("b")]);
  const asked = vi.spyOn(client, "POST");
  if (status === 0) asked.mockRejectedValue(new TypeError("no network"));
  else asked.mockResolvedValue(refusal(status, "Not now."));

  expect(await sendVisitActs(ADA)).toBe(0);
  expect(visitActs.waiting().map(({ refused }) => refused)).toEqual([undefined, undefined]);
  asked.mockResolvedValue(taken());
  expect(await sendVisitActs(ADA)).toBe(2);
});
