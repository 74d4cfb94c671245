import { describe, expect, test } from "vitest";
import { measuresOf, nextEmpty, withoutReading } from "../../../src/screens/survey/measures";
import { draftOf, newPlace } from "../../../src/screens/survey/roomDraft";

const empty = draftOf();

describe("a reading of the distance meter", () => {
  test("goes to the next empty measure, room first, then place by place", () => {
    let draft = empty;
    const went: string[] = [];
    for (let i = 0; i < 9; i += 1) {
      const next = nextEmpty(draft);
      if (!next) break;
      went.push(next.label);
      draft = next.put(draft, i + 1);
    }

    expect(went.slice(0, 5)).toEqual([
      "Width",
      "Depth",
      "Ceiling height",
      "From the left, place 1",
      "Free width, place 1",
    ]);
    expect(draft.places[0]?.free_width_m).toBe(5);
    expect(nextEmpty(draft)).toBeUndefined();
  });

  test("passes over what was measured, and asks for both sides of a sloping ceiling", () => {
    const draft = { ...empty, width_m: 4, sloping: true };

    expect(nextEmpty(draft)?.label).toBe("Depth");
    expect(measuresOf(draft).map(({ label }) => label)).toContain("Ceiling at the right");
  });

  test("is taken back, but not what was typed over it", () => {
    const draft = { ...empty, width_m: 4.2 };

    expect(withoutReading(draft, "width_m", 4.2).width_m).toBeNull();
    expect(withoutReading(draft, "width_m", 3.9).width_m).toBe(4.2);
    expect(withoutReading(draft, "gone", 4.2)).toBe(draft);
  });

  test("goes to the place it was taken for, whichever was added since", () => {
    const [place] = empty.places;
    const draft = { ...empty, places: [newPlace(), ...empty.places] };
    const measure = measuresOf(draft).find(({ key }) => key === `${place?.key} wall_m`);

    expect(measure?.put(draft, 3).places.map(({ wall_m }) => wall_m)).toEqual([null, 3]);
  });
});
