import { describe, expect, test } from "vitest";
import { withoutPlaces, withPlaces } from "../../src/bench/places";
import type { PlanOf } from "../../src/kinds/kind";

type Plan = PlanOf<"tree">;

function plan(change: object = {}): Plan {
  return {
    kind: "tree",
    chosen: true,
    figures: { ornaments: { value: 40, unit: "pieces", sheet: "ornaments_total" } },
    drawing: { tree: { height_m: 2.4 } },
    cautions: [],
    ...change,
  } as never;
}

const evenness = { value: 1.93, unit: "of 2.15", sheet: "hanging" };
const hung = plan({
  figures: { ornaments: { value: 40 }, evenness },
  drawing: { tree: { height_m: 2.4 }, tiers: [{ from_m: 0.3 }], ornaments: [{ style: "plum", number: 1 }] },
  hanging: { unplaced: [] },
});

describe("while ornaments are still being placed", () => {
  test("those that hang stay where they are, under the new tree", () => {
    const next = withoutPlaces<"tree">(plan({ drawing: { tree: { height_m: 3 } } }), hung);

    expect(next.drawing).toMatchObject({ tree: { height_m: 3 }, ornaments: [{ style: "plum" }], tiers: [{}] });
  });

  test("what only their places tell stays as told, everything else is new", () => {
    const next = withoutPlaces<"tree">(plan({ figures: { ornaments: { value: 41 } } }), hung);

    expect(next.figures).toEqual({ ornaments: { value: 41 }, evenness });
    expect(next.hanging).toEqual({ unplaced: [] });
  });

  test("the first plan has nothing to keep", () => {
    const first = plan();

    expect(withoutPlaces<"tree">(first, null)).toBe(first);
  });

  test("a tree that was not chosen before, or is not now, keeps nothing", () => {
    const next = plan();

    expect(withoutPlaces<"tree">(next, plan({ chosen: false }))).toBe(next);
    const gone = plan({ chosen: false });

    expect(withoutPlaces<"tree">(gone, hung)).toBe(gone);
  });

  test("neither plan is changed by it", () => {
    const before = JSON.stringify(hung);
    withoutPlaces<"tree">(plan(), hung);

    expect(JSON.stringify(hung)).toBe(before);
  });
});

test("places come over what was kept, cautions with them", () => {
  const cautions = [{ step: "ornaments", code: "hole", severity: "info", message: "A hole." }];
  const told = {
    hanging: { unplaced: ["bell"] },
    figures: { evenness: { ...evenness, value: 2.01 } },
    cautions,
    drawing: { ornaments: [], tiers: [] },
  };

  const whole = withPlaces<"tree">(withoutPlaces<"tree">(plan(), hung), told as never);

  expect(whole.figures.evenness?.value).toBe(2.01);
  expect(whole.figures.ornaments?.value).toBe(40);
  expect(whole.drawing.ornaments).toEqual([]);
  expect(whole.cautions).toBe(cautions);
});
