import { describe, expect, it } from "vitest";
import type { Progress, Sheet } from "../../src/screens/run-sheet/progress";
import {
  hasOthers,
  likelyThere,
  offersFor,
  ribbonRanOut,
  sharesAgain,
  usedBefore,
  wellAsItIs,
  type RanOut,
} from "../../src/screens/run-sheet/ranOut";

const ribbon = (style: string, short = 0) => ({ key: style, style, kind: "ribbon", unit: "m", need: 9, short });
const step = { id: "tree/ribbon", piece: "tree", things: [ribbon("plum", 2), ribbon("gauze")] };
const over = [
  { style: "plum", kind: "ribbon", unit: "m", count: 3 },
  { style: "jute", kind: "ribbon", unit: "m", count: 40 },
  { style: "bell", kind: "ornament", unit: "pieces", count: 5 },
];
const sheet = (kind = "tree", steps = [step]) => ({ steps, pieces: [{ id: "tree", kind, over }] }) as unknown as Sheet;
const ranOut = (turn = "plum", need = 9) =>
  ({ step, turn: { key: turn, thing: "plum", need, check: false }, thing: ribbon("plum", 2) }) as unknown as RanOut;
const used = (quantity: number, piece = "tree") => ({ kind: "used", turn: "plum", step: `${piece}/crown`, quantity });
const progress = (...acts: ReturnType<typeof used>[]) => ({ acts }) as unknown as Progress;

describe("what runs out on a tree", () => {
  it("offers what lies over of the same kind, not the thing itself", () => {
    expect(offersFor(sheet(), ranOut()).map(({ style }) => style)).toEqual(["jute"]);
  });

  it("is shared again on trees only", () => {
    expect(sharesAgain(sheet(), ranOut())).toBe(true);
    expect(sharesAgain(sheet("run"), ranOut())).toBe(false);
  });

  it("knows whether another ribbon could fill in", () => {
    expect(hasOthers(sheet(), ranOut())).toBe(true);
    expect(hasOthers(sheet("tree", [{ ...step, things: [ribbon("plum")] }]), ranOut())).toBe(false);
  });

  it("went as far as was there, with what the same tree used before", () => {
    expect(likelyThere(progress(), ranOut())).toBe(7);
    expect(likelyThere(progress(used(1.5), used(4, "other")), ranOut())).toBe(8.5);
    expect(usedBefore(progress(used(1.5), used(4, "other")), ranOut())).toBe(1.5);
  });

  it("is used only as far as it was not used before", () => {
    const acts = ribbonRanOut(ranOut(), 6, 1.5, { style: "jute" } as Sheet["pieces"][number]["over"][number]);
    expect(acts.map(({ kind, quantity, instead }) => [kind, quantity, instead])).toEqual([
      ["ran_out", 6, "jute"],
      ["up", undefined, undefined],
      ["used", 4.5, undefined],
    ]);
    expect(ribbonRanOut(ranOut(), 1, 1.5, null).map(({ kind }) => kind)).toEqual(["ran_out", "up"]);
  });

  it("says no length where it is well as it is, so that nothing is planned again", () => {
    expect(wellAsItIs(ranOut())).toEqual([
      { kind: "ran_out", step: "tree/ribbon", turn: "plum" },
      { kind: "up", step: "tree/ribbon", turn: "plum" },
    ]);
  });
});
