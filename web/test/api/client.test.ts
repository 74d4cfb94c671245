import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { ask, asProblem, isUnreachable, Problem, SIGNED_OUT } from "../../src/api/client";

const page = new EventTarget();
let ended = 0;
const end = () => {
  ended += 1;
};

beforeEach(() => {
  ended = 0;
  vi.stubGlobal("window", page);
  page.addEventListener(SIGNED_OUT, end);
});
afterEach(() => {
  page.removeEventListener(SIGNED_OUT, end);
  vi.unstubAllGlobals();
});

const details = (type: string, status: number, more: object = {}) => ({
  type: `urn:deck-bough:problem:${type}`,
  title: "Not so",
  status,
  detail: "Type a height.",
  request_id: "r1",
  ...more,
});

function answered(status: number, error?: unknown, data?: object) {
  return Promise.resolve({ data, error, response: new Response(null, { status }) });
}

async function refused(call: Promise<never> | ReturnType<typeof answered>): Promise<Problem> {
  try {
    await ask(call);
  } catch (error) {
    if (error instanceof Problem) return error;
  }
  throw new Error("It was not refused.");
}

describe("what is answered", () => {
  test("is handed on", async () => {
    expect(await ask(answered(200, undefined, { metres: 2.4 }))).toEqual({ metres: 2.4 });
  });

  test("with nothing in it is nothing", async () => {
    expect(await ask(answered(200))).toBeUndefined();
  });
});

describe("what is refused", () => {
  test("says why in the server's words, field by field", async () => {
    const errors = [{ pointer: "/name", code: "missing", message: "Name is missing." }];
    const problem = await refused(answered(422, details("invalid", 422, { errors })));

    expect([problem.status, problem.message, problem.field("/name"), problem.field("/kind")]).toEqual([
      422,
      "Type a height.",
      "Name is missing.",
      undefined,
    ]);
    expect(ended).toBe(0);
  });

  test("because the session has ended tells the shell once", async () => {
    await refused(answered(401, details("signed-out", 401)));

    expect(ended).toBe(1);
  });

  test("at the door for a wrong password tells it nothing", async () => {
    await refused(answered(401, details("wrong-password", 401)));

    expect(ended).toBe(0);
  });

  test("by something that is not us still has words and the status", async () => {
    const problem = await refused(answered(502, "<html>Bad gateway</html>"));

    expect(problem.status).toBe(502);
    expect(problem.message).toContain("cannot be reached");
  });

  test("without a connection is unreachable and may be tried again", async () => {
    const problem = await refused(Promise.reject(new TypeError("Failed to fetch")) as never);

    expect(problem.status).toBe(0);
    expect(
      [problem, new Problem(details("busy", 503)), new Problem(details("invalid", 422)), null].map(isUnreachable),
    ).toEqual([true, true, false, false]);
  });

  test("because one stopped it oneself is no problem", async () => {
    await expect(ask(Promise.reject(new DOMException("stopped", "AbortError")) as never)).rejects.toThrow("stopped");
  });
});

test("what breaks here is told as our fault, and a problem stays the one it is", () => {
  const problem = new Problem(details("invalid", 422));

  expect(asProblem(problem)).toBe(problem);
  expect(asProblem(new RangeError("too deep")).details.title).toBe("Our fault");
});
