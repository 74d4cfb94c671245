import { beforeEach, describe, expect, test, vi } from "vitest";

const HOME = "http://studio.example/api/homes/quay";
const PLAN = "http://studio.example/api/pieces/tree/plan";

const fetched: string[] = [];
let ahead: typeof import("../../src/api/ahead");

const reading = (href: string) => new Request(href);
const saying = (href: string, body: object) => new Request(href, { method: "POST", body: JSON.stringify(body) });
const said = async (answer: Promise<Response>) => (await answer).text();

beforeEach(async () => {
  vi.useFakeTimers();
  vi.resetModules();
  fetched.length = 0;
  vi.stubGlobal("location", { href: "http://studio.example/homes/quay" });
  vi.stubGlobal("fetch", (asked: string | Request) => {
    fetched.push(typeof asked === "string" ? asked : asked.url);
    return Promise.resolve(new Response(`answer ${fetched.length}`));
  });
  ahead = await import("../../src/api/ahead");
});

describe("what was asked for ahead", () => {
  test("is given to who asks first, and asked for again after that", async () => {
    ahead.askAhead("/api/homes/quay");

    expect(await said(ahead.fetchOnce(reading(HOME)))).toBe("answer 1");
    expect(await said(ahead.fetchOnce(reading(HOME)))).toBe("answer 2");
    expect(fetched).toEqual([HOME, HOME]);
  });

  test("is no answer to another question", async () => {
    ahead.askAhead("/api/homes/quay");
    ahead.askAhead("/api/pieces/tree/plan", { settings: { height_m: 2.1 } });

    expect(await said(ahead.fetchOnce(reading(`${HOME}?page=2`)))).toBe("answer 3");
    expect(await said(ahead.fetchOnce(saying(PLAN, { settings: { height_m: 2.1 } })))).toBe("answer 2");
    expect(await said(ahead.fetchOnce(reading(HOME)))).toBe("answer 1");
  });

  test("is no answer to the same question about something else", async () => {
    ahead.askAhead("/api/pieces/tree/plan", { settings: { height_m: 2.1 } });

    expect(await said(ahead.fetchOnce(saying(PLAN, { settings: { height_m: 2.4 } })))).toBe("answer 2");
    expect(await said(ahead.fetchOnce(saying(PLAN, { settings: { height_m: 2.1 } })))).toBe("answer 3");
  });

  test("holds nothing up that is done, for the page may be about to go", () => {
    ahead.askAhead("/api/homes/quay");
    void ahead.fetchOnce(saying(HOME, { name: "Quay" }));

    expect(fetched).toEqual([HOME, HOME]);
  });

  test("is forgotten when something was done meanwhile", async () => {
    ahead.askAhead("/api/homes/quay");
    await ahead.fetchOnce(saying("http://studio.example/api/homes/quay/rooms", { name: "Attic" }));

    expect(await said(ahead.fetchOnce(reading(HOME)))).toBe("answer 3");
  });

  test("is forgotten when nobody asked for long", async () => {
    ahead.askAhead("/api/homes/quay");
    await vi.advanceTimersByTimeAsync(10_000);

    expect(await said(ahead.fetchOnce(reading(HOME)))).toBe("answer 2");
  });

  test("tells who takes it what went wrong, and nobody else", async () => {
    vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no line")));
    const lost = ahead.askAhead("/api/homes/quay");

    await expect(lost).rejects.toThrow("no line");
    await expect(ahead.fetchOnce(reading(HOME))).rejects.toThrow("no line");
  });
});
