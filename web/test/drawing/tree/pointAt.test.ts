import { describe, expect, test } from "vitest";
import { ornamentAt, pointAt } from "../../../src/drawing/tree/pointAt";

const tree = {
  base_m: 0.2,
  silhouette: [
    [0.7, 0.3],
    [0, 2.4],
  ],
};
const projection = { scale: 200, middle: 400, floor: 520, width: 800, height: 574 };

function site(number: number, angle_deg: number, height_m: number, depth = 1) {
  return { style: "plum", number, angle_deg, height_m, depth };
}

function drawing(...ornaments: ReturnType<typeof site>[]) {
  return { tree, ornaments } as never;
}

describe("an ornament on the stage", () => {
  test("in front hangs before the trunk, as high as it hangs above the riser", () => {
    const at = ornamentAt(tree as never, site(1, 0, 1) as never, projection, 0);

    expect(at.x).toBeCloseTo(400);
    expect(at.y).toBeCloseTo(520 - 1.2 * 200);
    expect(at.facing).toBeCloseTo(1);
  });

  test("at the tips lies further out than one tucked deep", () => {
    const [tips, deep] = [1, 0.5].map((depth) =>
      ornamentAt(tree as never, site(1, 60, 1, depth) as never, projection, 0),
    );

    expect(tips?.x ?? 0).toBeGreaterThan(deep?.x ?? 0);
    expect(deep?.x ?? 0).toBeGreaterThan(400);
  });

  test("goes to the right as the tree is turned to the right", () => {
    const at = (turn: number) => ornamentAt(tree as never, site(1, 0, 1) as never, projection, turn).x;

    expect(at(15)).toBeGreaterThan(at(0));
    expect(at(-15)).toBeLessThan(at(0));
  });
});

describe("pointing at the stage", () => {
  const front = ornamentAt(tree as never, site(1, 0, 1) as never, projection, 0);

  test("finds what is painted there", () => {
    expect(pointAt(drawing(site(1, 0, 1), site(2, 0, 1.6)), projection, 0, front)?.site.number).toBe(1);
  });

  test("finds the nearest of two", () => {
    const near = drawing(site(1, 0, 1), site(2, 0, 1.03));
    const between = { x: front.x, y: front.y - 5 };

    expect(pointAt(near, projection, 0, between)?.site.number).toBe(2);
  });

  test("finds nothing behind the tree, and nothing too far away", () => {
    expect(pointAt(drawing(site(1, 180, 1)), projection, 0, front)).toBeNull();
    expect(pointAt(drawing(site(1, 0, 1)), projection, 0, { x: front.x + 30, y: front.y })).toBeNull();
    expect(pointAt({ tree: undefined } as never, projection, 0, front)).toBeNull();
  });

  test("follows the turn", () => {
    const turned = ornamentAt(tree as never, site(1, 0, 1) as never, projection, 40);

    expect(pointAt(drawing(site(1, 0, 1)), projection, 40, turned)?.site.number).toBe(1);
    expect(pointAt(drawing(site(1, 0, 1)), projection, 40, front)).toBeNull();
  });

  test("of two at one place takes the one that faces us more", () => {
    const silhouette = [
      [0.7, 0.3],
      [0.7, 2.4],
    ];
    const narrow = { tree: { base_m: 0, silhouette }, ornaments: [site(1, 80, 1), site(2, 100, 1)] } as never;
    const spot = ornamentAt({ base_m: 0, silhouette } as never, site(1, 80, 1) as never, projection, 0);

    expect(pointAt(narrow, projection, 0, spot)?.site.number).toBe(1);
  });
});
