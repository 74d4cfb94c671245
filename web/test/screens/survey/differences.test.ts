import { describe, expect, test } from "vitest";
import { differences } from "../../../src/screens/survey/differences";
import { draftOf, newPlace } from "../../../src/screens/survey/roomDraft";

const mine = { ...draftOf(), name: "Attic", width_m: 3.6576, ceiling_left_m: 2.4384, places: [] };

describe("what two drafts of a room say differently", () => {
  test("is told in the person's units and words", () => {
    const theirs = { ...mine, width_m: 3.048, heat: "underfloor" as const, no_nails: true };

    expect(differences(mine, theirs, "imperial")).toEqual([
      { label: "Width", mine: "12 ft", theirs: "10 ft" },
      { label: "Nails or glue", mine: "allowed", theirs: "not allowed" },
      { label: "Heating", mine: "none near", theirs: "under the floor" },
    ]);
    expect(differences(mine, theirs, "metric")[0]).toEqual({ label: "Width", mine: "3.66 m", theirs: "3.05 m" });
  });

  test("names what differs of a place, whatever it is", () => {
    const place = { ...newPlace(), name: "Gable", free_width_m: 1.5 };
    const theirs = { ...place, walkway_m: 0.9, near_heat: true };
    const [row] = differences({ ...mine, places: [place] }, { ...mine, places: [theirs] }, "metric");

    expect(row?.label).toBe("Places");
    expect(row?.theirs).toContain("walkway 90 cm");
    expect(row?.theirs).toContain("heat near");
  });

  test("is nothing when they say the same", () => {
    expect(differences(mine, { ...mine, notes: "" }, "metric")).toEqual([]);
  });
});
