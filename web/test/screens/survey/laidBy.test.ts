import { describe, expect, test } from "vitest";
import { laidByIn } from "../../../src/screens/survey/laidBy";
import { draftOf, newPlace } from "../../../src/screens/survey/roomDraft";

const draft = { ...draftOf(), name: "Attic", width_m: 4.2, places: [{ ...newPlace(), name: "Gable", wall_m: 3 }] };
const kept = (part: object) => JSON.stringify({ draft: { ...draft, ...part }, begun: draftOf(), version: 3 });

describe("what was typed of a survey before a reload", () => {
  test("comes back as it was", () => {
    expect(laidByIn(kept({}))).toMatchObject({ draft, version: 3 });
    expect(laidByIn(null)).toBeNull();
  });

  test("is left alone when it is of another shape than the form", () => {
    const older: string[] = [
      "",
      "{",
      "null",
      "[]",
      '"Attic"',
      JSON.stringify({ draft, begun: draft }),
      JSON.stringify({ draft, version: 3 }),
      JSON.stringify({ version: 3 }),
      kept({ name: 7 }),
      kept({ no_nails: "yes" }),
      kept({ width_m: true }),
      kept({ places: "corner" }),
      kept({ places: [null] }),
      kept({ places: [{ name: "Gable" }] }),
    ];
    for (const text of older) expect(laidByIn(text), text).toBeNull();
  });
});
