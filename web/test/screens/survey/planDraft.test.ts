import { describe, expect, it } from "vitest";
import { draftOf, type RoomDraft } from "../../../src/screens/survey/roomDraft";
import {
  cornerAfter,
  cornersOf,
  extentOf,
  isRectangle,
  newOpening,
  newThing,
  sketchOf,
  wallName,
  wallsOf,
  withCorners,
} from "../../../src/screens/survey/plan/planDraft";

function room(part: Partial<RoomDraft> = {}): RoomDraft {
  return { ...draftOf(), width_m: 4, depth_m: 3, ...part };
}

describe("the plan of a room as it is measured", () => {
  it("is a rectangle until corners are said", () => {
    const draft = room();
    expect(isRectangle(draft.plan)).toBe(true);
    expect(wallsOf(draft.plan).map((wall, i) => wallName(wall, i))).toEqual([
      "Front wall",
      "Right wall",
      "Wall behind",
      "Left wall",
    ]);
    expect(cornersOf(draft)).toEqual([
      [0, 0],
      [4, 0],
      [4, 3],
      [0, 3],
    ]);
  });

  it("keeps the rectangle's corners when they begin to be moved", () => {
    const walls = withCorners(room());
    expect(walls.map(({ x_m, y_m }) => [x_m, y_m])).toEqual([
      [0, 0],
      [4, 0],
      [4, 3],
      [0, 3],
    ]);
    expect(walls.map(({ key }) => key)).toEqual(["front", "right", "behind", "left"]);
  });

  it("gets one corner more in the middle of a wall, with a sign of its own", () => {
    const more = cornerAfter(cornerAfter(withCorners(room()), 0), 0);
    expect(more).toHaveLength(6);
    expect(new Set(more.map(({ key }) => key)).size).toBe(6);
    expect([more[1]?.x_m, more[1]?.y_m]).toEqual([1, 0]);
  });

  it("is as wide and deep as its corners reach, wherever they are counted from", () => {
    const walls = withCorners(room()).map((wall) => ({ ...wall, x_m: (wall.x_m ?? 0) - 1.5 }));
    expect(extentOf(walls)).toEqual({ width_m: 4, depth_m: 3 });
  });

  it("draws things at their wall, from its left as one faces it", () => {
    const sofa = { ...newThing("sofa", "Sofa", "behind"), at_m: 1, out_m: 1 };
    const { things, walls } = sketchOf(
      room({ plan: { walls: [], openings: [newOpening("door", "left")], things: [sofa], sockets: [] } }),
    );
    const xs = things[0]?.footprint.map(([x = 0]) => x) ?? [];
    const ys = things[0]?.footprint.map(([, y = 0]) => y) ?? [];
    // The left end of the wall behind is at the right of the plan.
    expect((Math.min(...xs) + Math.max(...xs)) / 2).toBeCloseTo(3);
    expect((Math.min(...ys) + Math.max(...ys)) / 2).toBeCloseTo(2);
    expect(walls.find(({ key }) => key === "left")?.openings).toHaveLength(1);
  });

  it("leaves out what is at a wall that is gone", () => {
    const lost = newThing("lamp", "Lamp", "alcove");
    expect(sketchOf(room({ plan: { walls: [], openings: [], things: [lost], sockets: [] } })).things).toEqual([]);
  });
});
