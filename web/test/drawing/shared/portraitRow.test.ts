import { describe, expect, test } from "vitest";
import { commonScale } from "../../../src/drawing/shared/PortraitRow";

const piece = (wide: number, tall: number) => ({ left_m: 0, right_m: wide, top_m: tall, shapes: [], dots: [] });

describe("pieces drawn to one scale", () => {
  test("fit each by itself", () => {
    const pieces = [piece(1.2, 3.3), piece(4.4, 1.2), piece(0.8, 0.9)];
    const scale = commonScale(pieces, 132, 92);

    for (const { right_m, top_m } of pieces) {
      expect(right_m * scale).toBeLessThan(132);
      expect(top_m * scale).toBeLessThan(92);
    }
    expect(scale).toBeCloseTo(132 / (4.4 + 0.7));
  });

  test("are never blown up, and none at all is no fault", () => {
    expect(commonScale([piece(0.3, 0.3)], 132, 92)).toBe(60);
    expect(commonScale([], 132, 92)).toBe(60);
  });
});
