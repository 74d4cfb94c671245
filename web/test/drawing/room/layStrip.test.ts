import { describe, expect, it } from "vitest";
import type { Schemas } from "../../../src/api/client";
import { layStrip } from "../../../src/drawing/room/layStrip";

function wall(key: string, length_m: number, ceiling = 2.5): Schemas["WallSeen"] {
  return {
    key,
    name: key,
    colour: null,
    length_m,
    from: [0, 0],
    to: [length_m, 0],
    ceiling_left_m: ceiling,
    ceiling_right_m: ceiling,
    openings: [],
    balance: null,
  };
}

describe("walls side by side", () => {
  it("stand on one floor to one scale, each where the one before ends", () => {
    const { walls, scale } = layStrip([wall("a", 4), wall("b", 3)], 900, 400);
    expect((walls[1]?.left ?? 0) - (walls[0]?.left ?? 0)).toBeCloseTo(4 * scale);
  });

  it("fit into the picture however wide or high they are", () => {
    for (const [long, high] of [
      [2, 6],
      [60, 2.5],
      [4, 2.5],
    ] as const) {
      const { walls, scale, floor } = layStrip([wall("a", long, high)], 700, 330);
      expect(walls[0]?.left ?? -1).toBeGreaterThanOrEqual(0);
      expect(floor - high * scale).toBeGreaterThanOrEqual(-1e-9);
    }
  });
});
