import { describe, expect, test } from "vitest";
import { lobe, paintBow } from "../../../src/drawing/shared/bow";
import { paintOrnament, PATTERNS } from "../../../src/drawing/shared/paintOrnament";
import { paintLying } from "../../../src/drawing/shared/sprigs";
import { isThing, paintTopper } from "../../../src/drawing/tree/paintTopper";
import { extent, Recorder } from "../canvas";

describe("a bow", () => {
  const at = { x: 300, y: 200 };

  test("is as wide as its loops and as long as its tails", () => {
    const canvas = new Recorder();
    paintBow(canvas.context, at, { loop: 40, tail: 120 }, "#6b2e4f", false);
    const { left, right, bottom } = extent(canvas.marks);

    expect(right - at.x).toBeGreaterThan(38);
    expect(right - at.x).toBeLessThan(46);
    expect(at.x - left).toBeCloseTo(right - at.x);
    expect(bottom - at.y).toBeCloseTo(120, 0);
  });

  test("grows with its loops alone", () => {
    const wide = [20, 40].map((loop) => {
      const canvas = new Recorder();
      paintBow(canvas.context, at, { loop, tail: 10 }, "#6b2e4f", false);
      const { left, right } = extent(canvas.marks);
      return right - left;
    });

    expect((wide[1] ?? 0) / (wide[0] ?? 1)).toBeCloseTo(2, 1);
  });

  test("has a lobe that comes back to its pinch", () => {
    const canvas = new Recorder();
    lobe(canvas.context, 50, 30, "#6b2e4f", false);

    expect(extent(canvas.marks)).toMatchObject({ left: 0, right: expect.closeTo(50, 0) });
  });
});

describe("an ornament", () => {
  const painted = (pattern: number, dusk = false) => {
    const canvas = new Recorder();
    paintOrnament(canvas.context, { colour: "#5b7083", diameter: 0.1, pattern }, 20, dusk);
    return canvas.marks;
  };

  test("is round and as large as it is", () => {
    expect(extent(painted(0).slice(0, 1))).toEqual({ left: -20, right: 20, top: -20, bottom: 20 });
  });

  test("of every pattern looks another than of every other", () => {
    const looks = PATTERNS.map((_, i) => JSON.stringify(painted(i).map(({ kind, points }) => [kind, points])));

    expect(new Set(looks).size).toBe(PATTERNS.length);
  });

  test("begins its patterns anew after the last", () => {
    expect(JSON.stringify(painted(PATTERNS.length + 1))).toBe(JSON.stringify(painted(1)));
  });

  test("has a pattern that reads against its colour", () => {
    const ink = (colour: string) => {
      const canvas = new Recorder();
      paintOrnament(canvas.context, { colour, diameter: 0.1, pattern: 1 }, 20, false);
      return Number(/\d+/.exec(String(canvas.marks[1]?.colour))?.[0]);
    };

    expect(ink("#f2f0ea")).toBeLessThan(0xf2);
    expect(ink("#2a1f33")).toBeGreaterThan(0x2a);
  });
});

test("a star has eight points, four of them long", () => {
  const canvas = new Recorder();
  paintTopper("star", { context: canvas.context, tip: { x: 0, y: 0 }, rise: 30 / 0.62, dusk: false });
  const reaches = canvas.marks[0]?.points.map(({ x, y }) => Math.round(Math.hypot(x, y + 15 / 0.62))) ?? [];

  expect(reaches.filter((reach) => reach === 30)).toHaveLength(4);
  expect(reaches.filter((reach) => reach === 19)).toHaveLength(4);
  expect(extent(canvas.marks).top).toBeCloseTo(-30 - 15 / 0.62);
});

test.each(["star", "finial", "spray", "figure"])("a %s stands on the tip as high as it rises", (kind) => {
  const canvas = new Recorder();
  if (isThing(kind)) paintTopper(kind, { context: canvas.context, tip: { x: 100, y: 200 }, rise: 60, dusk: false });
  const { left, right, top } = extent(canvas.marks);

  expect(200 - top).toBeGreaterThan(55);
  expect(200 - top).toBeLessThan(75);
  expect(Math.abs((left + right) / 2 - 100)).toBeLessThan(2);
});

test("a bow is no thing", () => {
  expect(isThing("bow")).toBe(false);
});

describe("a sprig", () => {
  const sprig = { x: 0, y: 0, angle: 0, long: 60, colour: "#2f5d4b", tone: 0, dusk: false };

  test.each(["needle", "scale", "broadleaf", "frond", "twig", "berry", "anything"])(
    "of %s is as long as it is",
    (texture) => {
      const canvas = new Recorder();
      paintLying(canvas.context, { ...sprig, texture });
      const { left, right, top, bottom } = extent(canvas.marks);

      expect(right).toBeGreaterThan(50);
      expect(right).toBeLessThan(75);
      expect(left).toBeGreaterThan(-12);
      expect(Math.max(-top, bottom)).toBeLessThan(60 * 0.55);
    },
  );

  test("is darker at dusk and in the shade", () => {
    const red = (change: object) => {
      const canvas = new Recorder();
      paintLying(canvas.context, { ...sprig, texture: "scale", ...change });
      return Number(/\d+/.exec(String(canvas.marks.find(({ kind }) => kind === "fill")?.colour))?.[0]);
    };

    expect(red({ dusk: true })).toBeLessThan(red({}));
    expect(red({ tone: -1 })).toBeLessThan(red({ tone: 1 }));
  });
});
