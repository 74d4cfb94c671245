import { describe, expect, test } from "vitest";
import { outwardShare, wantedEdges } from "../../../src/drawing/run/wantedEdges";
import { drop, shelf } from "../sample";

describe("the outline wanted", () => {
  test("of a level shelf is one line so far above it as its share", () => {
    const [line, ...more] = wantedEdges(shelf(0, 1), 1);

    expect(more).toEqual([]);
    expect(line).toHaveLength(21);
    line?.forEach(({ y }) => expect(y).toBeCloseTo(1.2 + 0.2 * 0.5));
  });

  test("has the whole thickness between its two sides", () => {
    const samples = shelf(0, 1, { wanted_m: 0.3, upper_m: 0.14, thickness_m: 0.2 });
    const [outer] = wantedEdges(samples, 1);
    const [inner] = wantedEdges(samples, -1);

    outer?.forEach(({ y }, i) => expect(y - (inner?.[i]?.y ?? 0)).toBeCloseTo(0.3));
  });

  test("goes round an outer corner without a gap", () => {
    const [line = []] = wantedEdges([...shelf(0, 1), ...drop(1, 0.6)], 1);
    const steps = line.slice(1).map(({ x, y }, i) => Math.hypot(x - (line[i]?.x ?? 0), y - (line[i]?.y ?? 0)));

    expect(Math.max(...steps)).toBeLessThan(0.16);
    expect(Math.max(...line.map(({ x }) => x))).toBeCloseTo(1.1);
  });

  test("of its inner side is a line a part, none of it inside the other part", () => {
    const lines = wantedEdges([...shelf(0, 1), ...drop(1, 0.6)], -1);

    expect(lines).toHaveLength(2);
    lines[0]?.forEach(({ x }) => expect(x).toBeLessThan(0.95));
    lines[1]?.forEach(({ y }) => expect(y).toBeLessThan(1.15));
  });
});

describe("how much of it lies outwards", () => {
  test("follows what is made", () => {
    expect(outwardShare(shelf(0, 1, { upper_m: 0.12, thickness_m: 0.2 }))).toBeCloseTo(0.6);
  });

  test("is never all to one side, and half before anything is made", () => {
    expect(outwardShare(shelf(0, 1, { upper_m: 0.2, thickness_m: 0.2 }))).toBe(0.65);
    expect(outwardShare(shelf(0, 1, { upper_m: 0, thickness_m: 0.2 }))).toBe(0.35);
    expect(outwardShare(shelf(0, 1, { upper_m: 0, thickness_m: 0 }))).toBe(0.5);
  });
});
