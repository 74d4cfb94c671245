import { describe, expect, test } from "vitest";
import { hookLine, viewOf, type Stockings } from "../../src/drawing/stockings/stockingsView";
import { there } from "../there";

const desk = { width: 872, height: 526 };
const phone = { width: 390, height: 312 };

function row(change: object = {}): Stockings {
  return {
    place: { from: "batten", length_m: 1.6, height_m: 1.35, rise_m: 0, colour: "#dfe3dd", ...change },
    toe_m: 0.9,
    hung: [],
  } as unknown as Stockings;
}

describe("stockings on the stage", () => {
  test.each([
    ["a batten", row()],
    ["a long rail", row({ from: "rail", length_m: 8, height_m: 0.9 })],
    ["stairs", row({ from: "stairs", length_m: 3, height_m: 0.9, rise_m: 2.4 })],
    ["hooks up high", row({ from: "hooks", length_m: 0.2, height_m: 3 })],
  ])("from %s are seen whole, down to the floor", (_, told) => {
    for (const stage of [desk, phone]) {
      const at = there(viewOf(stage, told, false));
      expect(at.x(0)).toBeGreaterThan(0);
      expect(at.x(there(told.place.length_m))).toBeLessThan(stage.width);
      expect(at.y(told.place.height_m + told.place.rise_m)).toBeGreaterThan(0);
      expect(at.y(0)).toBeLessThan(stage.height);
    }
  });

  test("come closer without the floor", () => {
    const [whole, close] = [there(viewOf(desk, row(), false)), there(viewOf(desk, row(), true))];
    expect(close.scale).toBeGreaterThan(whole.scale);
    expect(close.y(0)).toBeGreaterThan(desk.height);
    expect(close.y(0.9)).toBeLessThan(desk.height);
  });

  test("somebody stands beside them where there is room", () => {
    const at = there(viewOf(desk, row(), false));
    expect(at.x(1.6 + 0.5 + 0.2)).toBeLessThan(desk.width);
    expect(at.y(1.75)).toBeGreaterThan(0);
  });

  test("on stairs hang from a line that climbs", () => {
    const stairs = row({ from: "stairs", length_m: 2, height_m: 0.9, rise_m: 1.5 });
    expect(hookLine(stairs, 0)).toBeCloseTo(0.9);
    expect(hookLine(stairs, 1)).toBeCloseTo(1.65);
    expect(hookLine(stairs, 2)).toBeCloseTo(2.4);
    expect(hookLine(row(), 1)).toBeCloseTo(1.35);
  });

  test("nobody measured yet are not drawn", () => {
    expect(viewOf(desk, row({ length_m: null }), false)).toBeNull();
    expect(viewOf({ width: 0, height: 0 }, row(), false)).toBeNull();
  });
});
