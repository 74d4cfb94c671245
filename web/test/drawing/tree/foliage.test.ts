import { describe, expect, test } from "vitest";
import { growFoliage } from "../../../src/drawing/tree/foliage";
import { radiusAt } from "../../../src/drawing/tree/projection";
import { createTurn } from "../../../src/drawing/tree/turn";
import { drawnStyles } from "../../../src/drawing/tree/drawnStyles";

function cone(tall: number, wide: number) {
  return Array.from({ length: 24 }, (_, i) => [(wide / 2) * (1 - i / 23), 0.3 + (tall - 0.3) * (i / 23)]);
}

describe("foliage", () => {
  test("grows the same on the same tree, and another on another", () => {
    expect(growFoliage(cone(2.4, 1.4))).toEqual(growFoliage(cone(2.4, 1.4)));
    expect(growFoliage(cone(2.4, 1.4))).not.toEqual(growFoliage(cone(2.4, 1.5)));
  });

  test.each([
    [0.6, 0.5],
    [1.8, 0.6],
    [2.4, 1.4],
    [6, 3],
  ])("of a tree of %d m by %d m keeps to its outline", (tall, wide) => {
    const silhouette = cone(tall, wide);
    for (const { height, fronds } of growFoliage(silhouette))
      for (const frond of fronds) {
        expect(frond.tipRadius).toBeLessThanOrEqual(radiusAt(silhouette, height) * 1.021);
        expect(frond.rootRadius).toBeGreaterThanOrEqual(0);
        expect(frond.sin ** 2 + frond.cos ** 2).toBeCloseTo(1);
        expect(Math.abs(frond.tone)).toBeLessThanOrEqual(1);
      }
  });

  test("goes from the hem up to the tip, row above row", () => {
    const heights = growFoliage(cone(2.4, 1.4)).map(({ height }) => height);

    expect(heights[0]).toBeCloseTo(0.3);
    expect(heights.at(-1)).toBeLessThanOrEqual(2.4);
    expect([...heights].sort((a, b) => a - b)).toEqual(heights);
  });

  test("has more rows on a taller tree, within what can be painted", () => {
    const rows = [0.5, 1.5, 2.4, 4, 12].map((tall) => growFoliage(cone(tall, 1)).length);

    expect([...rows].sort((a, b) => a - b)).toEqual(rows);
    expect(rows[0]).toBe(12);
    expect(rows.at(-1)).toBe(38);
  });

  test("is denser where the tree is wider", () => {
    const rows = growFoliage(cone(2.4, 1.4));

    expect(rows[0]?.fronds.length ?? 0).toBeGreaterThan(rows.at(-1)?.fronds.length ?? 0);
  });
});

describe("turning a tree", () => {
  test("adds up and comes round", () => {
    const turn = createTurn();
    turn.by(200);
    turn.by(200);

    expect(turn.degrees()).toBe(40);
    turn.by(-80);

    expect(turn.degrees()).toBe(-40);
  });

  test("paints at every turn until one no longer listens", () => {
    const turn = createTurn();
    const painted: number[] = [];
    const stop = turn.listen(() => painted.push(turn.degrees()));
    turn.by(15);
    turn.by(15);
    stop();
    turn.by(15);

    expect(painted).toEqual([15, 30]);
  });
});

test("styles are drawn in their colour and size, those chosen with a pattern of their own", () => {
  const styles = [
    { id: "slate", colour: "#5b7083", diameter_mm: 100 },
    { id: "plum", colour: null, diameter_mm: null },
    { id: "bell", colour: "#c9a227", diameter_mm: 60 },
  ] as never;

  const drawn = drawnStyles(styles, ["bell", "slate"]);

  expect(drawn.get("slate")).toEqual({ colour: "#5b7083", diameter: 0.1, pattern: 1 });
  expect(drawn.get("bell")?.pattern).toBe(0);
  expect(drawn.get("plum")).toEqual({ colour: "#8c8f8a", diameter: 0.07, pattern: 0 });
});
