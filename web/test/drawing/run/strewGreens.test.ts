import { describe, expect, test } from "vitest";
import { projectRun } from "../../../src/drawing/run/runProjection";
import { strewBodies, strewStems } from "../../../src/drawing/run/strewGreens";
import { shelf } from "../sample";

const styles = {
  fir: { name: "Fir", colour: "#2f5d4b", texture: "needle", kind: "garland", diameter_m: 0 },
  cedar: { name: "Cedar", colour: "#5c7a52", texture: "scale", kind: "garland", diameter_m: 0 },
  plain: { name: "Plain", colour: "#111111", texture: "leaf", kind: "garland", diameter_m: 0 },
};

function drawing(change: object = {}) {
  return { kind: "mantel", samples: shelf(0, 1.8), styles, stems: [], ...change } as never;
}

const stage = { width: 952, height: 574 };
const at = projectRun(stage, drawing());

describe("a body of greens", () => {
  test("is strewn the same for the same layers", () => {
    expect(strewBodies(drawing(), ["fir"], at, false)).toEqual(strewBodies(drawing(), ["fir"], at, false));
  });

  test("lies within its thickness", () => {
    for (const { x, y } of strewBodies(drawing(), ["fir"], at, false)) {
      expect(x).toBeGreaterThanOrEqual(at.x(0) - 1);
      expect(x).toBeLessThanOrEqual(at.x(1.8) + 1);
      expect(Math.abs(y - at.y(1.2))).toBeLessThanOrEqual(0.1 * at.scale);
    }
  });

  test("twice as thick has twice as many sprigs", () => {
    const sprigs = (body_m: number) =>
      strewBodies(drawing({ samples: shelf(0, 1.8, { body_m }) }), ["fir"], at, false).length;

    expect(sprigs(0.4) / sprigs(0.2)).toBeGreaterThan(1.8);
    expect(sprigs(0.4) / sprigs(0.2)).toBeLessThan(2.2);
  });

  test("is of all its garlands", () => {
    const colours = new Set(strewBodies(drawing(), ["fir", "cedar"], at, false).map(({ colour }) => colour));

    expect(colours).toEqual(new Set(["#2f5d4b", "#5c7a52"]));
  });

  test("of no garland yet is plain, and of nothing is nothing", () => {
    expect(strewBodies(drawing(), [], at, false)[0]?.colour).toBe("#111111");
    expect(strewBodies(drawing({ samples: [] }), ["fir"], at, false)).toEqual([]);
    expect(strewBodies(drawing({ samples: shelf(0, 1.8, { body_m: 0 }) }), ["fir"], at, false)).toEqual([]);
  });

  test("knows by day from dusk", () => {
    expect(strewBodies(drawing(), ["fir"], at, true).every(({ dusk }) => dusk)).toBe(true);
  });
});

describe("a stem", () => {
  const stem = { style: "cedar", at_m: 0.9, x_m: 0.9, y_m: 1.2, out_x: 0, out_y: 1, spread_m: 0.25 };

  test("that rises reaches as high as is told, in the middle of its fan", () => {
    const sprigs = strewStems(drawing({ stems: [{ ...stem, rise_m: 0.35, trail_m: 0 }] }), at, false);
    const up = Math.max(...sprigs.map(({ y, angle, long }) => y - (y + Math.sin(angle) * long)));

    expect(sprigs).toHaveLength(3);
    expect(up / at.scale).toBeGreaterThan(0.33);
    expect(up / at.scale).toBeLessThanOrEqual(0.36);
  });

  test("that trails hangs down as far", () => {
    const sprigs = strewStems(drawing({ stems: [{ ...stem, rise_m: 0, trail_m: 0.4 }] }), at, false);
    const down = Math.max(...sprigs.map(({ angle, long }) => Math.sin(angle) * long));

    expect(down / at.scale).toBeGreaterThan(0.38);
  });

  test("that does both has both, what hangs behind what stands", () => {
    const sprigs = strewStems(drawing({ stems: [{ ...stem, rise_m: 0.2, trail_m: 0.2 }] }), at, false);

    expect(sprigs).toHaveLength(6);
    expect(Math.sin(sprigs[0]?.angle ?? 0)).toBeGreaterThan(0);
    expect(Math.sin(sprigs[5]?.angle ?? 0)).toBeLessThan(0);
  });

  test("too short to be seen is not drawn", () => {
    expect(strewStems(drawing({ stems: [{ ...stem, rise_m: 0.03, trail_m: 0.04 }] }), at, false)).toEqual([]);
  });
});
