import { describe, expect, test } from "vitest";
import { outlineHandles } from "../../../src/screens/run-bench/outlineHandles";
import { drop, shelf } from "../../drawing/sample";
import { run } from "../../settings";

type Outline = ReturnType<typeof run>["rise_and_trail"];

function handles(outline: Partial<Outline>, samples = shelf(0, 2)) {
  const changes: Partial<Outline>[] = [];
  const settings = run({ rise_and_trail: outline });
  const told = outlineHandles(settings, { drawing: { samples } } as never, (part) => changes.push(part));
  return { told, changes };
}

describe("handles of an outline", () => {
  test.each([
    ["level", [["full", 1]]],
    [
      "crest",
      [
        ["full", 1],
        ["thin", 0],
      ],
    ],
    [
      "ends",
      [
        ["full", 2],
        ["thin", 1],
      ],
    ],
    [
      "waterfall",
      [
        ["full", 2],
        ["thin", 0],
      ],
    ],
  ] as const)("of a %s one stand where it is fullest and thinnest", (shape, places) => {
    const { told } = handles({ shape, side: "right" });

    expect(told.map(({ id, at }) => [id, Number(at.toFixed(2))])).toEqual(places);
  });

  test("of a waterfall to the left stand the other way round", () => {
    const { told } = handles({ shape: "waterfall", side: "left" });

    expect(told.map(({ at }) => Number(at.toFixed(2)))).toEqual([0, 2]);
  });

  test("keep to the shelf and leave the drops alone", () => {
    const { told } = handles({ shape: "ends" }, [...shelf(0, 2), ...drop(2, 1)]);

    expect(told[0]?.at).toBeCloseTo(2);
  });

  test("turn the dial they stand for and no other", () => {
    const { told, changes } = handles({ shape: "crest", low_m: 0.1, high_m: 0.4 });
    told[0]?.onChange(0.5);
    told[1]?.onChange(0.05);

    expect(told.map(({ thickness }) => thickness)).toEqual([0.4, 0.1]);
    expect(changes).toEqual([{ high_m: 0.5 }, { low_m: 0.05 }]);
  });

  test("of a free one are its own points, moved one at a time", () => {
    const points = [
      { at_m: 0.2, thickness_m: 0.1 },
      { at_m: 1.5, thickness_m: 0.3 },
    ];
    const { told, changes } = handles({ shape: "free", points });
    told[1]?.onChange(0.25);

    expect(told.map(({ id, at }) => [id, at])).toEqual([
      ["point 1", 0.2],
      ["point 2", 1.5],
    ]);
    expect(changes).toEqual([{ points: [points[0], { at_m: 1.5, thickness_m: 0.25 }] }]);
  });

  test("of an unmeasured run there are none", () => {
    expect(handles({ shape: "crest" }, []).told).toEqual([]);
  });
});
