import { describe, expect, it } from "vitest";
import { dragged } from "../../../src/drawing/wall/RingHandles";
import { ringDrawing } from "../../../src/drawing/wall/ringDrawing";
import { about, projectWall, type Ring, type Wall } from "../../../src/drawing/wall/wallProjection";

function ring(number: number, left_m: number, moves_across: number, moves_up = 0): Ring {
  return {
    number,
    said: number - 1,
    look: 0,
    left_m,
    floor_m: 1.6,
    diameter_m: 0.3,
    hook_left_m: left_m,
    hook_floor_m: 1.71,
    held: true,
    since: null,
    kg: 0.3,
    visible: 1,
    layer: number - 1,
    moves_across,
    moves_up,
  };
}

const RINGS = [ring(1, 0.78, -1), ring(2, 1.3, 0), ring(3, 1.82, 1)];
const WALL: Wall = { wall: { width_m: 2.6, height_m: 2.4, colour: "#eef1ee" }, rings: RINGS };
const FROM = { gap_m: 0.22, middle_m: 1.6 };

describe("a ring that is dragged", () => {
  it("widens the gaps by as much as it moves for them", () => {
    expect(dragged(ring(3, 1.82, 1), FROM, 0.05, 0.1, 0).gap_m).toBeCloseTo(0.32);
    expect(dragged(ring(1, 0.78, -2), FROM, 0.05, -0.1, 0).gap_m).toBeCloseTo(0.27);
  });

  it("never comes nearer than the house rule", () => {
    expect(dragged(ring(3, 1.82, 1), FROM, 0.05, -5, 0).gap_m).toBe(0.05);
  });

  it("lifts all of them, and says nothing of gaps where it stands still in the middle", () => {
    expect(dragged(ring(2, 1.3, 0), FROM, 0.05, 0.3, 0.1)).toEqual({ middle_m: 1.7 });
  });

  it("leaves the middle alone where what it is lifted by is the wider gap", () => {
    const told = dragged(ring(2, 1, 0.5, 0.5), FROM, 0.05, 0.05, 0.05);
    expect(told.gap_m).toBeCloseTo(0.32);
    expect(told.middle_m ?? FROM.middle_m).toBeCloseTo(1.6);
  });

  it("widens upward in the column over the middle of a cluster", () => {
    const told = dragged(ring(2, 1.3, 0, 1), FROM, 0.05, 0, 0.1);
    expect(told.gap_m).toBeCloseTo(0.32);
    expect(told.middle_m).toBeUndefined();
  });
});

describe("a wall on its stage", () => {
  it("shows the group close beside the wall on a desk, and the wall alone in a hand", () => {
    const desk = projectWall({ width: 870, height: 500 }, WALL, false);
    expect(desk.close?.scale).toBeGreaterThan((desk.whole?.scale ?? 0) * 1.4);
    expect(projectWall({ width: 390, height: 320 }, WALL, false).close).toBeNull();
  });

  it("keeps every ring and the floor within the stage", () => {
    const { whole } = projectWall({ width: 390, height: 320 }, WALL, false);
    for (const { left_m, floor_m } of RINGS) {
      expect(whole?.x(left_m)).toBeGreaterThan(0);
      expect(whole?.x(left_m)).toBeLessThan(390);
      expect(whole?.y(floor_m)).toBeGreaterThan(0);
    }
    expect(whole?.y(0)).toBeLessThan(320);
  });

  it("is to one scale across and up", () => {
    const { close } = projectWall({ width: 870, height: 500 }, WALL, true);
    if (!close) throw new Error("no view");
    expect(close.x(1) - close.x(0)).toBeCloseTo(close.y(0) - close.y(1));
    expect(about(close, 0.78).x(0)).toBeCloseTo(close.x(0.78));
  });

  it("paints no ring whose look was not told", () => {
    expect(ringDrawing(WALL, ring(1, 0.78, -1))).toBeNull();
  });
});
