import { describe, expect, test } from "vitest";
import { viewsOf, type Drinks } from "../../src/drawing/drinks/drinksViews";
import { there } from "../there";

const desk = { width: 872, height: 526 };
const phone = { width: 390, height: 312 };

function corner(jars: number, change: object = {}): Drinks {
  return {
    place: { length_m: 1.1, depth_m: 0.35, height_m: 0.9, under: "board", behind: "board", colour: "#e6e2d8" },
    days: 14,
    jars: Array.from({ length: jars }, (_, i) => ({
      number: i + 1,
      left_m: 0.2,
      across_m: 0.1,
      high_m: 0.2,
      ...change,
    })),
  } as unknown as Drinks;
}

describe("a drink corner on the stage", () => {
  test.each([[1], [5], [16]])("%i jars are seen whole over their days", (count) => {
    const { front, days } = there(viewsOf(desk, corner(count, { high_m: 0.6 })));
    expect(front.x(0)).toBeGreaterThan(0);
    expect(front.x(1.1)).toBeLessThan(desk.width);
    expect(front.y(0.6)).toBeGreaterThan(0);
    expect(front.y(0)).toBeLessThan(there(days).top);
  });

  test("every jar has a row of its days, and all of them fit", () => {
    for (const count of [1, 5, 16]) {
      const { days } = there(viewsOf(desk, corner(count)));
      expect(there(days).top + 44 + count * there(days).row).toBeLessThanOrEqual(desk.height + 1e-6);
      expect(there(days).row).toBeGreaterThan(8);
    }
  });

  test("on a phone, and before any jar stands there, are no days", () => {
    expect(there(viewsOf(phone, corner(3))).days).toBeNull();
    expect(there(viewsOf(desk, corner(0))).days).toBeNull();
  });

  test("nobody measured yet is not drawn", () => {
    const told = corner(2);
    expect(viewsOf(desk, { ...told, place: { ...told.place, length_m: null } })).toBeNull();
    expect(viewsOf({ width: 0, height: 0 }, told)).toBeNull();
  });
});
