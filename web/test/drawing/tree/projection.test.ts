import { describe, expect, test } from "vitest";
import { project, radiusAt, turned } from "../../../src/drawing/tree/projection";

const stage = { width: 952, height: 574 };

function seen(change: object = {}) {
  return { high: 2.7, side: 1.5, toLeft: 3, toRight: 3, ...change };
}

describe("a room on the stage", () => {
  test("fits in height with its head and foot", () => {
    for (const high of [2, 2.4, 3.1, 5]) {
      const at = project(stage, seen({ high }));
      expect(at.floor - high * at.scale).toBeGreaterThanOrEqual(0);
      expect(at.floor).toBeLessThan(stage.height);
    }
  });

  test("fits in width to both sides of the trunk", () => {
    for (const side of [0.8, 1.5, 3, 6]) {
      const at = project(stage, seen({ side, toLeft: 9, toRight: 9 }));
      expect(side * at.scale).toBeLessThanOrEqual(stage.width / 2 + 1e-9);
    }
  });

  test("a metre is as long across as it is up", () => {
    const at = project({ width: 400, height: 300 }, seen());
    expect(at.scale).toBeGreaterThan(0);
    expect(at).toMatchObject({ width: 400, height: 300 });
  });

  test("never shrinks to nothing, however small the stage", () => {
    expect(project({ width: 20, height: 20 }, seen()).scale).toBe(10);
  });

  test("with room to both sides the trunk stands in the middle", () => {
    expect(project(stage, seen({ toLeft: 8, toRight: 8 })).middle).toBe(stage.width / 2);
  });

  test("a wall that is near stays in the picture with its margin", () => {
    const left = project(stage, seen({ toLeft: 1.2, toRight: 9 }));
    const right = project(stage, seen({ toLeft: 9, toRight: 1.2 }));

    expect(left.middle).toBeLessThan(stage.width / 2);
    expect(right.middle).toBeGreaterThan(stage.width / 2);
    expect(left.middle + right.middle).toBeCloseTo(stage.width);
  });

  test("a room narrower than the stage stands in its middle", () => {
    const at = project(stage, seen({ toLeft: 1, toRight: 1, side: 1 }));

    expect(at.middle).toBeCloseTo(stage.width / 2);
  });
});

describe("a point of the surface", () => {
  test.each([
    [0, 0, 0, 1],
    [90, 0, 1, 0],
    [180, 0, 0, -1],
    [-90, 0, -1, 0],
    [45, 45, 1, 0],
    [90, -90, 0, 1],
    [350, 10, 0, 1],
  ])("at %d° turned by %d° lies %d across and faces us by %d", (angle, turn, across, facing) => {
    const at = turned(angle, turn);
    expect(at.across).toBeCloseTo(across);
    expect(at.facing).toBeCloseTo(facing);
  });
});

describe("the radius of a silhouette", () => {
  const cone = [
    [0.7, 0.3],
    [0.35, 1.35],
    [0, 2.4],
  ];

  test("is the lowest one below the hem and nothing at the tip", () => {
    expect([0, 0.3, 2.4, 9].map((height) => radiusAt(cone, height))).toEqual([0.7, 0.7, 0, 0]);
  });

  test("goes evenly between two measures", () => {
    expect(radiusAt(cone, 1.35)).toBeCloseTo(0.35);
    expect(radiusAt(cone, 0.825)).toBeCloseTo(0.525);
    expect(radiusAt(cone, 1.875)).toBeCloseTo(0.175);
  });

  test("never grows on the way up a cone", () => {
    const radii = Array.from({ length: 200 }, (_, i) => radiusAt(cone, i * 0.0125));
    radii.slice(1).forEach((radius, i) => expect(radius).toBeLessThanOrEqual((radii[i] ?? 0) + 1e-12));
  });

  test("of no tree is nothing", () => {
    expect(radiusAt([], 1)).toBe(0);
  });
});
