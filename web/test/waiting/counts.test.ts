import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { client } from "../../src/api/client";
import { forget, onWaiting, sendWaiting, waiting, write, type WaitingCount } from "../../src/waiting/counts";

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

function count(key: string, account = "ada@fir.example"): WaitingCount {
  return { account, box: "6f9619ff-8b86-4d01-b42d-00c04fc964ff", number: 14, body: { key, note: "", seen: [] } };
}

/** What the studio answers, one after the other; "none" where it cannot be reached. */
function answering(...statuses: (number | "none")[]) {
  return vi.spyOn(client, "POST").mockImplementation((() => {
    const status = statuses.shift() ?? 200;
    if (status === "none") return Promise.reject(new TypeError("no network"));
    const error = { title: "No", detail: "Gone.", status, type: "urn:x", request_id: "" };
    const response = new Response(null, { status });
    return Promise.resolve(status === 200 ? { data: { differences: [] }, response } : { error, response });
  }) as unknown as typeof client.POST);
}

describe("a count of a box", () => {
  test("without network waits, once however often it is written, and is told", async () => {
    answering("none", "none");
    const told = vi.fn();
    onWaiting(told);

    expect(await write(count("a"))).toBeNull();
    expect(await write(count("a"))).toBeNull();
    expect(waiting().map(({ body }) => body.key)).toEqual(["a"]);
    expect(told).toHaveBeenCalledTimes(2);
  });

  test("goes as soon as there is network, and only that of whoever is in", async () => {
    answering("none", "none");
    await write(count("a"));
    await write(count("b", "bo@fir.example"));
    vi.restoreAllMocks();
    const asked = answering(200);

    expect(await sendWaiting("ada@fir.example")).toBe(1);
    expect(asked).toHaveBeenCalledTimes(1);
    expect(waiting().map(({ body }) => body.key)).toEqual(["b"]);
  });

  test("that is refused stays to be read and is not sent again", async () => {
    answering("none");
    await write(count("a"));
    vi.restoreAllMocks();
    const asked = answering(404);

    expect(await sendWaiting("ada@fir.example")).toBe(0);
    expect(waiting()[0]?.refused).toBe("Gone.");
    await sendWaiting("ada@fir.example");
    expect(asked).toHaveBeenCalledTimes(1);
    forget("a");
    expect(waiting()).toEqual([]);
  });

  test("waits on where there is still no network, and what is no list is none", async () => {
    answering("none");
    await write(count("a"));
    answering("none");

    expect(await sendWaiting("ada@fir.example")).toBe(0);
    expect(waiting()).toHaveLength(1);
    kept.set("deck-bough:counts", "{half");
    expect(waiting()).toEqual([]);
  });

  test("that is refused at once is thrown", async () => {
    answering(422);
    await expect(write(count("a"))).rejects.toThrow("Gone.");
    expect(waiting()).toEqual([]);
  });
});
