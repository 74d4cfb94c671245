import { describe, expect, test } from "vitest";
import { viewsOf, type Drops } from "../../src/drawing/drops/dropsViews";
import { there } from "../there";

const desk = { width: 872, height: 526 };
const phone = { width: 390, height: 312 };

function drops(change: object = {}, lines: object[] = []): Drops {
  return {
    place: { over: "table", length_m: 2.2, depth_m: 0.5, hooks_m: 2.55, below_m: 0.75, colour: "#dfe3dd", ...change },
    lines,
  } as unknown as Drops;
}

describe("things on lines on the stage", () => {
  test("are seen from the hooks to the floor, and from above where there is room", () => {
    const { front, above } = viewsOf(desk, drops(), false);
    expect(there(front).y(2.55)).toBeGreaterThan(0);
    expect(there(front).y(0)).toBeLessThan(there(front).top + there(front).height);
    expect(there(above).top).toBeCloseTo(there(front).top + there(front).height);
    expect(viewsOf(phone, drops(), false).above).toBeNull();
  });

  test("come closer down to the lowest, or to what is below", () => {
    const whole = there(viewsOf(desk, drops(), false).front);
    const close = there(viewsOf(desk, drops({}, [{ drop_m: 0.9, across_m: 0.1 }]), true).front);
    expect(close.scale).toBeGreaterThan(whole.scale);
    expect(close.y(2.55 - 1)).toBeLessThan(close.top + close.height);
    expect(close.y(0.75)).toBeLessThan(close.top + close.height);
    expect(close.y(0)).toBeGreaterThan(close.top + close.height - 1);
  });

  test("as wide as they hang they fit, a person beside them", () => {
    for (const length_m of [0.1, 2, 12]) {
      const { front } = viewsOf(desk, drops({ length_m }), false);
      expect(there(front).x(0)).toBeGreaterThan(0);
      expect(there(front).x(length_m + 0.85)).toBeLessThanOrEqual(desk.width);
    }
  });

  test("nobody measured yet are not drawn", () => {
    expect(viewsOf(desk, drops({ length_m: null }), false)).toEqual({ front: null, above: null });
  });
});
