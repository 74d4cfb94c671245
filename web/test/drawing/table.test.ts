import { describe, expect, test } from "vitest";
import { standing, viewsOf, VIEWS, type Table, type ViewName } from "../../src/drawing/table/tableViews";
import { there } from "../there";

const desk = { width: 872, height: 526 };
const phone = { width: 390, height: 312 };

function thing(number: number, change: object = {}) {
  return {
    number,
    left_m: 1.1,
    out_m: 0.55,
    across_m: 0.2,
    deep_m: 0.2,
    height_m: 0.3,
    foot_m: 0,
    leaves: false,
    ...change,
  };
}

function table(change: object = {}): Table {
  return {
    table: { shape: "rectangle", length_m: 2.2, width_m: 1.1, height_m: 0.75, colour: "#8b6b49" },
    seats: [
      { number: 1, at_m: 1.1, out_m: 0, facing: 90 },
      { number: 2, at_m: 1.1, out_m: 1.1, facing: 270 },
    ],
    runner: { kind: "cloth", from_m: -0.2, to_m: 2.4, width_m: 0.37, colour: "#d8cdb8", lit: false },
    layers: [{ layer: "charger", across_m: 0.33, colour: "#8d7440", patterned: false }],
    things: [thing(1), thing(2, { leaves: true, height_m: 0.5 })],
    eye_m: 0.45,
    ...change,
  } as unknown as Table;
}

describe("a table on the stage", () => {
  test("at the desk shows all its views, none over another", () => {
    const views = viewsOf(desk, table(), "above");
    expect(Object.keys(views).sort()).toEqual([...VIEWS].sort());
    const { above, across, along, place } = views;
    expect(there(above).height).toBeCloseTo(there(across).top);
    expect(there(across).left + there(across).width).toBeCloseTo(there(along).left);
    expect(there(along).left + there(along).width).toBeCloseTo(there(place).left);
    // The place keeps room for the names of its layers.
    expect(there(place).left + there(place).width).toBeLessThan(desk.width);
  });

  test.each(VIEWS.map((name) => [name]))("on a phone shows %s alone", (name: ViewName) => {
    expect(Object.keys(viewsOf(phone, table(), name))).toEqual([name]);
  });

  test("is to one scale from above, its far edge up", () => {
    const at = there(viewsOf(desk, table(), "above").above);
    expect(at.x(2.2) - at.x(0)).toBeCloseTo(2.2 * at.scale);
    expect(at.y(0) - at.y(1.1)).toBeCloseTo(1.1 * at.scale);
  });

  test.each([
    ["long", table({ table: { shape: "rectangle", length_m: 8, width_m: 1, height_m: 0.75, colour: "#8b6b49" } })],
    ["small", table({ table: { shape: "rectangle", length_m: 0.4, width_m: 0.3, height_m: 0.75, colour: "#8b6b49" } })],
    ["round", table({ table: { shape: "round", length_m: 1.4, width_m: 1.4, height_m: 0.75, colour: "#8b6b49" } })],
    ["with ends laid", table({ seats: [{ number: 1, at_m: 0, out_m: 0.55, facing: 0 }] })],
  ])("that is %s fits whole with its chairs", (_, told) => {
    for (const stage of [desk, phone]) {
      const at = there(viewsOf(stage, told, "above").above);
      const [long, wide] = [there(told.table.length_m), there(told.table.width_m)];
      expect(at.x(0)).toBeGreaterThan(0);
      expect(at.x(long)).toBeLessThan(stage.width);
      expect(at.y(wide + 0.25)).toBeGreaterThanOrEqual(0);
      expect(at.y(-0.25)).toBeLessThanOrEqual(at.top + at.height);
    }
  });

  test("whatever stands there and hangs over is seen along it", () => {
    const told = table({ things: [thing(1, { height_m: 1.4 })], runner: { from_m: -0.5, to_m: 2.7, kind: "cloth" } });
    const at = there(viewsOf(desk, told, "above").along);
    expect(at.y(1.4)).toBeGreaterThan(at.top);
    expect(at.y(-0.5)).toBeLessThan(at.top + at.height);
  });

  test("who sits is seen whole across it, however low things are", () => {
    const at = there(viewsOf(desk, table({ things: [] }), "above").across);
    expect(at.y(0.45 + 0.12)).toBeGreaterThan(at.top);
    expect(at.x(-0.3)).toBeGreaterThanOrEqual(at.left);
  });

  test("for a meal is without what leaves", () => {
    expect(standing(table(), "show").map(({ number }) => number)).toEqual([1, 2]);
    expect(standing(table(), "meal").map(({ number }) => number)).toEqual([1]);
    expect(standing(table({ things: undefined }), "meal")).toEqual([]);
  });

  test("nobody measured yet has no view", () => {
    const bare = table({
      table: { shape: "rectangle", length_m: null, width_m: null, height_m: 0.75, colour: "#8b6b49" },
    });
    expect(viewsOf(desk, bare, "above")).toEqual({});
    expect(viewsOf({ width: 0, height: 0 }, table(), "above")).toEqual({});
  });
});
