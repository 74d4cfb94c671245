import { beforeEach, describe, expect, test, vi } from "vitest";
import { drawing as shades } from "../../../src/theme/tokens";
import { paintFoot, paintPresents } from "../../../src/drawing/tree/paintFoot";
import { paintBulbs, paintGlobes } from "../../../src/drawing/tree/paintLights";
import { paintLoops, paintSegment } from "../../../src/drawing/tree/paintRibbon";
import { layTree, type TreeScene } from "../../../src/drawing/tree/paintTree";
import { paintPickRing } from "../../../src/drawing/tree/paintPicks";
import { growFoliage } from "../../../src/drawing/tree/foliage";
import { extent, page, Recorder } from "../canvas";

const silhouette = Array.from({ length: 24 }, (_, i) => [0.7 * (1 - i / 23), 0.3 + 2.1 * (i / 23)]);
const tree = { height_m: 2.4, spread_m: 1.4, hem_m: 0.3, base_m: 0, silhouette };
const projection = { scale: 200, middle: 400, floor: 520, width: 800, height: 574 };
const foot = { kind: "skirt", diameter_m: 1.2, presents: false };

beforeEach(() => {
  for (const [name, value] of Object.entries(page)) vi.stubGlobal(name, value);
});

function scene(drawing: object = {}, change: Partial<TreeScene> = {}): TreeScene {
  return {
    drawing: {
      tree,
      foot,
      ornaments: [],
      tiers: [],
      ribbon: { method: "none", styles: [], each: [], fills: [], width_m: 0.064 },
      garland: { style: null, points: [] },
      picks: { styles: [], each: [], ring: [], sites: [] },
      bulbs: { count: 0, one_in: 1, points: [], deep: false, globes: [], globe_colour: null },
      crown: { topper: "none", picks: 0, streamers: 0 },
      ...drawing,
    } as never,
    rows: growFoliage(silhouette),
    styles: new Map(),
    dusk: false,
    pixels: 1,
    ...change,
  };
}

describe("the foot of a tree", () => {
  const painted = (change: object, base_m = 0) => {
    const canvas = new Recorder();
    paintFoot(
      canvas.context,
      projection,
      { tree: { ...tree, base_m }, foot: { ...foot, ...change } } as never,
      shades.day,
    );
    return canvas.marks;
  };

  test("has a skirt as wide as is told", () => {
    const { left, right } = extent(painted({ diameter_m: 1.2 }));

    expect(right - left).toBeCloseTo(1.2 * 200);
  });

  test("stands on its riser", () => {
    const [riser] = painted({}, 0.25);

    expect(extent(riser ? [riser] : [])).toMatchObject({ bottom: 520, top: 520 - 0.25 * 200 });
  });

  test("has a trunk from the stand up into the foliage", () => {
    const [trunk] = painted({ kind: "none" });

    expect(extent(trunk ? [trunk] : [])).toMatchObject({ bottom: 520, top: expect.closeTo(520 - (0.3 + 0.72) * 200) });
  });

  test.each(["skirt", "blanket", "collar", "none"])("hidden by %s never reaches below the floor", (kind) => {
    expect(extent(painted({ kind })).bottom).toBeLessThanOrEqual(520 + 1e-9);
  });

  test("has presents only where there are some, within the tree's spread", () => {
    const presents = (there: boolean) => {
      const canvas = new Recorder();
      paintPresents(canvas.context, projection, { tree, foot: { ...foot, presents: there } } as never, shades.day);
      return canvas.marks;
    };

    expect(presents(false)).toEqual([]);
    const { left, right } = extent(presents(true));

    expect(left).toBeGreaterThan(400 - 0.75 * 200);
    expect(right).toBeLessThan(400 + 0.75 * 200);
  });
});

describe("lights", () => {
  const points = Array.from({ length: 40 }, (_, i) => [0.4 + i * 0.045, (i * 47) % 360]);
  const bulbs = (change: object = {}) => ({
    bulbs: { points, deep: false, globes: [], globe_colour: null, ...change },
  });

  function dots(drawing: object, dusk = false) {
    const canvas = new Recorder();
    paintBulbs(scene(drawing, { dusk }), { context: canvas.context, projection, turn: 0 }, shades.day);
    return canvas.marks;
  }

  test("that face us are painted once each, within the tree", () => {
    const marks = dots(bulbs());
    const { left, right, top, bottom } = extent(marks);

    expect(marks).toHaveLength(1);
    expect((marks[0]?.points.length ?? 0) / 5).toBeGreaterThan(15);
    expect((marks[0]?.points.length ?? 0) / 5).toBeLessThan(25);
    expect(left).toBeGreaterThan(400 - 0.71 * 200);
    expect(right).toBeLessThan(400 + 0.71 * 200);
    expect(top).toBeGreaterThan(520 - 2.42 * 200);
    expect(bottom).toBeLessThan(520 - 0.38 * 200);
  });

  test("have a halo at dusk, as many as there are bulbs in sight", () => {
    const marks = dots(bulbs(), true);
    const halos = marks.filter(({ kind }) => kind === "image");

    expect(halos).toHaveLength((marks.at(-1)?.points.length ?? 0) / 5);
  });

  test("wound deep hang nearer to the trunk", () => {
    const wide = (deep: boolean) => {
      const { left, right } = extent(dots(bulbs({ deep })));
      return right - left;
    };

    expect(wide(true)).toBeLessThan(wide(false));
  });

  test("globes in front are painted in their colour, those behind not at all", () => {
    const canvas = new Recorder();
    const globes = [
      [1, 0],
      [1, 90],
      [1, 180],
      [1.5, 20],
    ];
    paintGlobes(
      scene(bulbs({ globes, globe_colour: "#aa3344" })),
      { context: canvas.context, projection, turn: 0 },
      shades.day,
    );

    expect(canvas.marks).toHaveLength(3);
    expect(new Set(canvas.marks.map(({ colour }) => colour))).toEqual(new Set(["#aa3344"]));
  });
});

describe("ribbon", () => {
  const brush = (canvas: Recorder, turn = 0) => ({
    context: canvas.context,
    projection,
    base: 0,
    turn,
    silhouette,
    dusk: false,
  });
  const ribbon = { method: "tuck", per_piece: 2, chord_m: 0.14, stand_m: 0.1, width_m: 0.064 } as never;

  test("is tucked with as many loops as a piece has", () => {
    const lobes = (per_piece: number) => {
      const canvas = new Recorder();
      paintLoops({ ...(ribbon as object), per_piece } as never, [1, 0], "#6b2e4f", brush(canvas));
      return canvas.marks.filter(({ kind }) => kind === "fill").length / 2;
    };

    expect([1, 2, 5].map(lobes)).toEqual([1, 2, 5]);
  });

  test("behind the tree is not painted, and comes round when it is turned", () => {
    const marks = (turn: number) => {
      const canvas = new Recorder();
      paintLoops(ribbon, [1, 180], "#6b2e4f", brush(canvas, turn));
      return canvas.marks.length;
    };

    expect(marks(0)).toBe(0);
    expect(marks(180)).toBeGreaterThan(0);
  });

  test("is as wide as it is and lies on the tree", () => {
    const canvas = new Recorder();
    paintSegment([1, -20], [1, 20], "#6b2e4f", 0.064, brush(canvas));

    expect(canvas.marks[0]?.lineWidth).toBeCloseTo(0.064 * 200);
    const { left, right, top, bottom } = extent(canvas.marks);

    expect(top).toBeCloseTo(320);
    expect(bottom).toBeCloseTo(320);
    expect(right - 400).toBeCloseTo(400 - left);
  });

  test("does not jump across the front from turn to turn", () => {
    const canvas = new Recorder();
    paintSegment([1, 85], [1.1, -85], "#6b2e4f", 0.064, brush(canvas));
    paintSegment([1, 85], [1, 100], "#6b2e4f", 0.064, brush(canvas));

    expect(canvas.marks).toEqual([]);
  });
});

describe("what hangs on a tree", () => {
  const styles = new Map([
    ["plum", { colour: "#6b2e4f", diameter: 0.08, pattern: 0 }],
    ["slate", { colour: "#5b7083", diameter: 0.1, pattern: 1 }],
  ]);

  function painted(drawing: object, turn = 0) {
    const canvas = new Recorder();
    const laid = layTree(scene(drawing, { styles }), projection.scale);
    const rows = laid.map((layer) => {
      const before = canvas.marks.length;
      layer.forEach((paint) => paint({ context: canvas.context, projection, turn }));
      return canvas.marks.slice(before);
    });
    return { marks: canvas.marks, rows };
  }
  const site = (style: string, height_m: number, angle_deg: number, depth = 1) => ({
    style,
    number: 1,
    height_m,
    angle_deg,
    depth,
  });

  test("is painted in front and not behind, each as large as its style", () => {
    const { marks } = painted({ ornaments: [site("plum", 1, 0), site("slate", 1.4, 30), site("plum", 1, 180)] });
    const sizes = marks.map((mark) => extent([mark])).map(({ left, right }) => right - left);

    expect(sizes).toEqual([0.08 * 200 + 2, 0.1 * 200 + 2]);
  });

  test("of one style shares one picture", () => {
    const { marks } = painted({ ornaments: [site("plum", 1, 0), site("plum", 1.2, 10), site("slate", 1.2, 20)] });

    expect(new Set(marks.map(({ image }) => image)).size).toBe(2);
  });

  test("tucked deep is painted before the foliage that covers it", () => {
    const rowOf = (depth: number) =>
      painted({ ornaments: [site("plum", 1, 0, depth)] }).rows.findIndex((marks) => marks.length > 0);

    expect(rowOf(0.5)).toBeLessThan(rowOf(1));
  });

  test("each loop has the colour of the ribbon it is of", () => {
    const loops = [
      [0.8, 0],
      [1.2, 10],
      [1.6, -10],
    ];
    const ribbon = {
      method: "tuck",
      styles: ["plum", "slate"],
      each: [0, 1, 0],
      loops,
      fills: [[2, 0]],
      width_m: 0.064,
      per_piece: 1,
      chord_m: 0.14,
      stand_m: 0.1,
    };
    const { marks } = painted({ ribbon });
    const reds = marks
      .filter(({ kind }, i) => kind === "fill" && i % 3 === 0)
      .map(({ colour }) => Number(/\d+/.exec(String(colour))?.[0]));

    // What fills an empty spot is of the last ribbon: the scarce one comes first and fills nothing.
    expect(reds.map((red) => (red > 0x66 ? "plum" : "slate"))).toEqual(["plum", "slate", "plum", "slate"]);
  });

  test("picks behind the topper fan out evenly, each of its style", () => {
    const canvas = new Recorder();
    const picks = { styles: ["plum", "slate"], ring: [0, 1, 0, 1, 0], each: [], sites: [] };
    paintPickRing(canvas.context, { x: 400, y: 40 }, scene({ picks, crown: { picks: 5 } }, { styles }), 200);
    const { left, right } = extent(canvas.marks);
    const berries = canvas.marks.filter(({ kind }) => kind === "fill").map(({ colour }) => colour);

    expect(right - 400).toBeCloseTo(400 - left, 0);
    expect(berries).toHaveLength(25);
    expect(berries.filter((colour) => colour === "#6b2e4f")).toHaveLength(15);
  });
});
