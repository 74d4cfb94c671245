import { describe, expect, test } from "vitest";
import { edges, projectRun } from "../../../src/drawing/run/runProjection";
import { drop, shelf } from "../sample";

const stage = { width: 952, height: 574 };

function drawing(change: object = {}) {
  return { kind: "mantel", samples: shelf(0, 1.8), shelf: { left_m: 0, right_m: 1.8, top_m: 1.2 }, ...change } as never;
}

describe("a run on the stage", () => {
  test.each([
    ["a mantel", drawing({ firebox: { width_m: 0.8 } })],
    ["a long ledge", drawing({ samples: shelf(0, 9), shelf: { left_m: 0, right_m: 9, top_m: 1.2 } })],
    ["a mantel with drops", drawing({ samples: [...shelf(0, 1.8), ...drop(1.8, 1)] })],
    ["a mirror above", drawing({ mirror: { top_m: 2.4 } })],
    [
      "a stair rail",
      drawing({ samples: shelf(0, 3), shelf: undefined, stair: { going_m: 3, rise_m: 2.4, rail_m: 0.9 } }),
    ],
  ])("%s fits whole", (_, told) => {
    const at = projectRun(stage, told);
    const { samples = [] } = told as { samples?: { x_m: number; y_m: number; upper_m: number }[] };
    for (const { x_m, y_m, upper_m } of samples) {
      expect(at.x(x_m)).toBeGreaterThan(0);
      expect(at.x(x_m)).toBeLessThan(stage.width);
      expect(at.y(y_m + upper_m)).toBeGreaterThan(0);
      expect(at.y(y_m)).toBeLessThan(stage.height);
    }
  });

  test("is drawn to one scale, to the right and up", () => {
    const at = projectRun(stage, drawing());

    expect(at.x(1) - at.x(0)).toBeCloseTo(at.scale);
    expect(at.y(0) - at.y(1)).toBeCloseTo(at.scale);
  });

  test("stands in the middle of the stage", () => {
    const at = projectRun(stage, drawing());

    expect((at.x(0) + at.x(1.8)) / 2).toBeCloseTo(stage.width / 2);
  });

  test("that hangs high is drawn without the empty wall below it", () => {
    const high = projectRun(stage, drawing({ samples: shelf(0, 1.8, { y_m: 2.2 }), shelf: undefined }));
    const low = projectRun(stage, drawing());

    expect(high.floor).toBeGreaterThan(stage.height);
    expect(low.floor).toBeLessThan(stage.height);
    expect(low.y(0)).toBeCloseTo(low.floor);
  });

  test("over a firebox keeps its floor, however high it hangs", () => {
    const told = drawing({ samples: shelf(0, 1.8, { y_m: 2.2 }), shelf: undefined, firebox: { width_m: 0.8 } });

    expect(projectRun(stage, told).floor).toBeLessThan(stage.height);
  });

  test("unmeasured still has a scale", () => {
    const at = projectRun(stage, { kind: "mantel" } as never);

    expect(at.scale).toBeGreaterThanOrEqual(10);
    expect(Number.isFinite(at.x(0))).toBe(true);
  });

  test("fills it with the greens alone when one comes closer", () => {
    const told = drawing({ mirror: { top_m: 2.4 }, firebox: { width_m: 0.8 } });
    const [whole, near] = [projectRun(stage, told), projectRun(stage, told, true)];
    const [left = 0, right = 0] = shelf(0, 1.8)
      .flatMap(({ x_m }) => [x_m])
      .sort((a, b) => a - b)
      .filter((_, i, all) => i === 0 || i === all.length - 1)
      .map(near.x);

    expect(near.scale).toBeGreaterThan(1.3 * whole.scale);
    expect(left).toBeGreaterThan(0);
    expect(right).toBeLessThan(stage.width);
    expect(right - left).toBeGreaterThan(0.7 * stage.width);
  });

  test("leaves a phone's tools their height", () => {
    const told = drawing({ mirror: { top_m: 2.4 } });

    expect(projectRun({ width: 390, height: 300 }, told).y(2.4)).toBeGreaterThanOrEqual(66);
  });
});

test("a rectangle by its edges has its corner above and to the left", () => {
  const at = projectRun(stage, drawing());
  const box = edges(at, 0.4, 1.4, 0, 0.7);

  expect(box).toEqual({
    x: at.x(0.4),
    y: at.y(0.7),
    width: expect.closeTo(at.scale),
    height: expect.closeTo(0.7 * at.scale),
  });
});
