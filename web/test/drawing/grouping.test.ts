import { describe, expect, test } from "vitest";
import { hasAll, viewsOf, type Grouping } from "../../src/drawing/grouping/groupingViews";

const COUNTER: Grouping = {
  surface: {
    kind: "counter",
    length_m: 2.4,
    depth_m: 0.6,
    height_m: 0.91,
    wall_colour: "#e4e2da",
    top_colour: "#c9bfae",
    clear_m: 0.46,
  },
  site: { from_m: 0.7, to_m: 1.5, sites_m: [1.1] },
  things: [
    {
      number: 1,
      form: "vessel",
      slot: "tallest",
      name: "jug",
      left_m: 1.1,
      out_m: 0.2,
      across_m: 0.17,
      deep_m: 0.17,
      height_m: 0.3,
      foot_m: 0,
      base_m: 0,
      round: true,
      colour: "#5f7370",
      flame: false,
      pot_m: null,
      wanted_riser_m: 0,
    },
  ],
  eye: { height_m: 0.69, distance_m: 1.5 },
};
const FILL: NonNullable<Grouping["fill"]> = {
  shape: "cylinder",
  across_m: 0.2,
  deep_m: 0.2,
  filled_m: 0.22,
  height_m: 0.25,
  lit: false,
  sizes: [],
  balls: [],
};
const DESK = { width: 870, height: 470 };
const PHONE = { width: 390, height: 310 };

describe("views of a grouping", () => {
  test("are all to one scale each, whole on their part of the desk", () => {
    const views = viewsOf(DESK, { ...COUNTER, fill: FILL }, "front", false);
    expect(Object.keys(views)).toEqual(["front", "side", "above", "fill"]);
    for (const view of Object.values(views)) {
      expect(view.x(1) - view.x(0)).toBeCloseTo(view.scale);
      expect(Math.abs(view.y(1) - view.y(0))).toBeCloseTo(view.scale);
    }
    const { front, side, above, fill } = views;
    expect(front?.x(0)).toBeGreaterThanOrEqual(0);
    expect(front?.x(2.4)).toBeLessThanOrEqual(DESK.width);
    expect(front?.y(0.46)).toBeGreaterThanOrEqual(0);
    expect(side?.y(0.69)).toBeGreaterThanOrEqual(side?.top ?? Infinity);
    expect(side?.x(-1.5)).toBeGreaterThanOrEqual(0);
    expect(above?.y(0)).toBeLessThan(above?.y(0.6) ?? -Infinity);
    expect(fill?.y(0.25)).toBeGreaterThanOrEqual(fill?.top ?? Infinity);
  });

  test("leave out the fill where nothing is filled, and everything before it is measured", () => {
    expect(Object.keys(viewsOf(DESK, COUNTER, "front", false))).toEqual(["front", "side", "above"]);
    const unmeasured = { surface: { ...COUNTER.surface, length_m: null } };
    expect(viewsOf(DESK, unmeasured, "front", false)).toEqual({});
    expect(viewsOf({ width: 0, height: 0 }, COUNTER, "front", false)).toEqual({});
  });

  test("come one by one on a phone, the front close to the group", () => {
    expect(hasAll(PHONE)).toBe(false);
    expect(Object.keys(viewsOf(PHONE, COUNTER, "above", false))).toEqual(["above"]);
    expect(Object.keys(viewsOf(PHONE, COUNTER, "fill", false))).toEqual(["front"]);
    const { front } = viewsOf(PHONE, COUNTER, "front", false);
    expect(front?.x(0.7)).toBeGreaterThanOrEqual(0);
    expect(front?.x(1.5)).toBeLessThanOrEqual(PHONE.width);
  });

  test("show the group larger when it is looked at closely", () => {
    const whole = viewsOf(DESK, COUNTER, "front", false).front;
    const close = viewsOf(DESK, COUNTER, "front", true).front;
    expect(close?.scale).toBeGreaterThan(1.3 * (whole?.scale ?? Infinity));
    expect(close?.y(0.3)).toBeGreaterThanOrEqual(0);
  });
});
