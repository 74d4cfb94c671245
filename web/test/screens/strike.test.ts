import { describe, expect, it } from "vitest";
import type { Progress, Said, Sheet } from "../../src/screens/run-sheet/progress";
import { amiss, boxesOf, intoOf, isLoose, lastBox } from "../../src/screens/run-sheet/strike";

const place = (style: string, box: string | null, quantity: number) => ({
  style,
  box,
  number: box === null ? null : Number(box),
  place: "Loft",
  quantity,
});
const boxes = ["1", "2"].map((id) => ({ id, number: Number(id), name: "", place: "Loft" }));
const sheet = {
  steps: [{ things: [{ style: "glass", label: "Slate glass", unit: "pieces" }] }],
  places: [place("glass", "1", 12), place("bell", null, 5)],
  strike: {
    into: [
      { style: "glass", box: "1", number: 1, place: "Loft", proposed: false },
      { style: "bell", box: "2", number: 2, place: "Loft", proposed: true },
    ],
    boxes,
    hooks: [],
  },
} as unknown as Sheet;

function said(...acts: Partial<Said>[]): Progress {
  return { acts } as unknown as Progress;
}

const boxed = { kind: "boxed", step: "tree/off", turn: "glass", box: "2" } as const;

describe("where things go when a home is taken down", () => {
  it("into the box they came from, the one that is proposed, or the one somebody said", () => {
    expect(intoOf(sheet, said(), "glass")?.number).toBe(1);
    expect(intoOf(sheet, said(), "bell")?.number).toBe(2);
    expect(intoOf(sheet, said(boxed), "glass")?.number).toBe(2);
    expect(intoOf(sheet, said(), "moss")).toBeNull();
  });

  it("from where that of the step lies, whatever was said of the same thing in another step", () => {
    expect(lastBox(sheet, said(boxed), "tree/off", "glass")).toBe("2");
    expect(lastBox(sheet, said(boxed), "rail/off", "glass")).toBe("1");
    expect(lastBox(sheet, said(), "tree/off", "bell")).toBeNull();
  });

  it("what lies in no box is put into one step by step", () => {
    const bell = { ...boxed, turn: "bell" };
    expect(isLoose(sheet, said(), "tree/off", "bell")).toBe(true);
    expect(isLoose(sheet, said(bell), "tree/off", "bell")).toBe(false);
    expect(isLoose(sheet, said(bell), "rail/off", "bell")).toBe(true);
    expect(isLoose(sheet, said(), "tree/off", "glass")).toBe(false);
  });

  it("what is amiss is summed by what was said in the step", () => {
    const acts = said(
      { kind: "broken", step: "a", turn: "glass", quantity: 2 },
      { kind: "broken", step: "a", turn: "glass", quantity: null },
      { kind: "lost", step: "b", turn: "glass", quantity: 1 },
    );
    expect(amiss(acts, "a", "glass")).toBe("3 broken");
  });

  it("each box tells what of this home lies in it", () => {
    expect(boxesOf(sheet)).toEqual([
      { box: "1", number: 1, place: "Loft", things: [{ label: "Slate glass", unit: "pieces", quantity: 12 }] },
    ]);
  });
});
