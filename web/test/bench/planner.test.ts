import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { createPlanner, type Planned } from "../../src/bench/planner";
import { tree } from "../settings";

type Call = { path: string; body: { settings: { ornaments: { own_total: number | null } } }; answer: Answer };
type Answer = {
  give: (data: object) => Promise<void>;
  refuse: (status: number) => Promise<void>;
  aborted: () => boolean;
};

const calls = vi.hoisted(() => [] as Call[]);

vi.mock("openapi-fetch", () => ({
  default: () => ({
    POST: (path: string, said: { body: Call["body"]; signal?: AbortSignal }) =>
      new Promise((resolve, reject) => {
        const settle = async (answer: object) => {
          resolve(answer);
          await new Promise((done) => setTimeout(done));
        };
        said.signal?.addEventListener("abort", () => reject(new DOMException("stopped", "AbortError")));
        calls.push({
          path: path.split("/").at(-1) ?? "",
          body: said.body,
          answer: {
            give: (data) => settle({ data, response: { ok: true } }),
            refuse: (status) =>
              settle({
                error: { type: "urn:deck-bough:problem:x", title: "No", status, detail: "not so", request_id: "" },
                response: { ok: false, status },
              }),
            aborted: () => said.signal?.aborted ?? false,
          },
        });
      }),
  }),
}));

const plan = (total: number, chosen = true) => ({
  kind: "tree",
  chosen,
  figures: { ornaments: { value: total } },
  drawing: { tree: {} },
  cautions: [],
});
const places = { hanging: {}, figures: { evenness: { value: 1.9 } }, cautions: [], drawing: { ornaments: [{}] } };

let planned: Planned<"tree">;
let planner: ReturnType<typeof createPlanner<"tree">>;
const dial = (own_total: number, revision = 0) =>
  planner.ask({ place_id: null, settings: tree({ ornaments: { own_total } }) }, revision);
const asked = () => calls.map(({ path, body }) => `${path} ${body.settings.ornaments.own_total}`);
const answer = (i: number) => {
  const call = calls[i];
  if (!call) throw new Error(`no call ${i}`);
  return call.answer;
};

beforeEach(() => {
  calls.length = 0;
  planned = { plan: null, problem: null };
  planner = createPlanner<"tree">("tree", "bay", (change) => {
    planned = change(planned);
  });
});
afterEach(() => vi.clearAllMocks());

describe("a dial is answered in two parts", () => {
  test("figures at once, places a moment later", async () => {
    dial(40);
    await answer(0).give(plan(40));

    expect(planned.plan?.figures.ornaments?.value).toBe(40);
    expect(asked()).toEqual(["plan 40", "places 40"]);

    await answer(1).give(places);

    expect(planned.plan?.figures).toMatchObject({ ornaments: { value: 40 }, evenness: { value: 1.9 } });
    expect(planned.plan?.drawing.ornaments).toHaveLength(1);
  });

  test("without a tree there are no places to ask for", async () => {
    dial(40);
    await answer(0).give(plan(40, false));

    expect(asked()).toEqual(["plan 40"]);
  });
});

describe("while one request is under way", () => {
  test("only the newest dial waits", async () => {
    dial(40);
    dial(41);
    dial(42);
    dial(43);

    expect(asked()).toEqual(["plan 40"]);
    await answer(0).give(plan(40));

    expect(asked()).toEqual(["plan 40", "plan 43"]);
  });

  test("a newer dial ends the wait for places that are out of date", async () => {
    dial(40);
    await answer(0).give(plan(40));
    dial(41);

    expect(answer(1).aborted()).toBe(true);
    await answer(2).give(plan(41));
    await answer(3).give(places);

    expect(asked()).toEqual(["plan 40", "places 40", "plan 41", "places 41"]);
    expect(planned.problem).toBeNull();
    expect(planned.plan?.figures.ornaments?.value).toBe(41);
  });
});

test("the same dials are not asked for twice, unless what is on hand was counted anew", async () => {
  dial(40);
  await answer(0).give(plan(40));
  dial(40);

  expect(asked()).toEqual(["plan 40", "places 40"]);
  dial(40, 1);

  expect(asked()).toEqual(["plan 40", "places 40", "plan 40"]);
});

describe("what is refused", () => {
  test("is told, and the plan before stands", async () => {
    dial(40);
    await answer(0).give(plan(40));
    dial(9_999);
    await answer(2).refuse(422);

    expect(planned.problem?.message).toBe("not so");
    expect(planned.plan?.figures.ornaments?.value).toBe(40);
  });

  test("is forgotten as soon as a dial is answered", async () => {
    dial(9_999);
    await answer(0).refuse(422);
    dial(41);
    await answer(1).give(plan(41));

    expect(planned).toMatchObject({ problem: null, plan: { figures: { ornaments: { value: 41 } } } });
  });

  test("does not keep back the dial that waited", async () => {
    dial(9_999);
    dial(41);
    await answer(0).refuse(422);

    expect(asked()).toEqual(["plan 9999", "plan 41"]);
  });

  test("an answer for another kind is no plan", async () => {
    dial(40);
    await answer(0).give({ ...plan(40), kind: "run" });

    expect(planned.plan).toBeNull();
    expect(planned.problem).not.toBeNull();
  });
});
