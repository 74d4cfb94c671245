import { describe, expect, it } from "vitest";
import { bayAt, bayBeside, viewsOf, type Bay, type Shelves } from "../../src/drawing/shelves/shelvesViews";
import { there } from "../there";

/** Two columns of two rows, each half a metre wide and high. */
const BAYS: Bay[] = [1, 2, 3, 4].map((number) => ({
  number,
  left_m: number % 2 ? 0.02 : 0.54,
  foot_m: number < 3 ? 0.54 : 0.02,
  wide_m: 0.5,
  clear_m: 0.5,
  quiet: true,
  high_m: 0,
  things: 0,
}));
const UNIT: Shelves["unit"] = {
  shape: "bays",
  width_m: 1.06,
  height_m: 1.06,
  depth_m: 0.3,
  floor_m: 0,
  board_m: 0.02,
  colour: "#a27b52",
  wall_colour: "#e4e2da",
};
const bay = (number: number) => there(BAYS[number - 1]);
const STAGE = { width: 900, height: 520 };

describe("shelves on the stage", () => {
  it("shows the whole unit to scale, its foot on the floor", () => {
    const { front, tiers } = there(viewsOf(STAGE, { unit: UNIT, bays: BAYS }));
    expect(front.x(1.06) - front.x(0)).toBeCloseTo(1.06 * front.scale);
    expect(front.y(0) - front.y(1.06)).toBeCloseTo(1.06 * front.scale);
    expect(front.y(1.06)).toBeGreaterThan(50);
    expect(front.y(0)).toBeLessThan(STAGE.height);
    expect(tiers).toEqual([]);
  });

  it("leaves a thick garland room at both sides", () => {
    const garland = { sag_m: 0.1, drop_m: 0.4, loft_m: 0.3, colour: "#56775a" };
    const with_ = there(viewsOf(STAGE, { unit: UNIT, bays: BAYS, garland })).front;
    expect(with_.x(-0.15)).toBeGreaterThan(0);
    expect(with_.y(1.06 + 0.15)).toBeGreaterThan(40);
  });

  it("shows the tiers of a tray from above beside it where there is room, else the front alone", () => {
    const tray: Shelves = {
      unit: { ...UNIT, shape: "tray", width_m: 0.3, height_m: 0.3 },
      bays: [
        { ...bay(1), wide_m: 0.2, clear_m: null },
        { ...bay(2), wide_m: 0.3, clear_m: 0.2 },
      ],
    };
    const { tiers, front } = there(viewsOf(STAGE, tray));
    expect(tiers.map((tier) => tier.bay.number)).toEqual([1, 2]);
    expect(new Set(tiers.map(({ at }) => at.scale)).size).toBe(1);
    expect(front.x(0.3)).toBeLessThan(there(tiers[0]).at.left);
    expect(there(viewsOf({ width: 390, height: 400 }, tray)).tiers).toEqual([]);
  });

  it("draws nothing unmeasured", () => {
    expect(viewsOf(STAGE, { unit: { ...UNIT, width_m: null } })).toBeNull();
    expect(viewsOf({ width: 0, height: 0 }, { unit: UNIT })).toBeNull();
  });
});

describe("which bay", () => {
  it("is the one a place is in", () => {
    expect(bayAt(BAYS, 0.3, 0.8)?.number).toBe(1);
    expect(bayAt(BAYS, 0.8, 0.1)?.number).toBe(4);
    expect(bayAt(BAYS, 1.5, 0.1)).toBeNull();
    expect(bayAt(BAYS, 0.3, 2)).toBeNull();
  });

  it("is open upwards on the uppermost tier", () => {
    expect(bayAt([{ ...bay(1), clear_m: null }], 0.3, 5)?.number).toBe(1);
  });

  it("is beside, above or below another by the arrow keys", () => {
    const to = (from: number, key: string) => bayBeside(BAYS, bay(from), key)?.number ?? null;
    expect(to(1, "ArrowRight")).toBe(2);
    expect(to(1, "ArrowDown")).toBe(3);
    expect(to(4, "ArrowUp")).toBe(2);
    expect(to(4, "ArrowLeft")).toBe(3);
    expect(to(1, "ArrowLeft")).toBeNull();
    expect(to(3, "ArrowDown")).toBeNull();
    expect(to(1, "Enter")).toBeNull();
  });

  it("is the next tier, though tiers are of other widths", () => {
    const tiers = [
      { ...bay(1), left_m: 0.1, wide_m: 0.2, foot_m: 0.6 },
      { ...bay(2), left_m: 0, wide_m: 0.4, foot_m: 0.2 },
    ];
    expect(bayBeside(tiers, there(tiers[0]), "ArrowDown")?.number).toBe(2);
    expect(bayBeside(tiers, there(tiers[1]), "ArrowUp")?.number).toBe(1);
  });
});
