import { describe, expect, it } from "vitest";
import {
  lyingOf,
  nextTurn,
  progressOf as progressIn,
  upcoming,
  type RunStep,
  type Sheet,
} from "../../src/screens/run-sheet/progress";
import type { WaitingVisitAct } from "../../src/waiting/visitActs";
import { onTheWall } from "../../src/waiting/wallClock";

const place = {
  number: 1,
  tier: 1,
  clock: 6,
  angle_deg: 0,
  height_m: 1,
  across_m: 0,
  up_m: 1,
  depth_word: "tips" as const,
};
const turn = (key: string, hangs = true) => ({
  key,
  thing: "slate",
  need: 1,
  check: false,
  instead_of: null,
  place: hangs ? place : null,
});
const slate = {
  key: "slate",
  style: "slate",
  label: "Slate",
  kind: "ornament" as const,
  colour: null,
  unit: "pieces" as const,
  need: 2,
  spares: 0,
  short: 0,
  diameter_mm: null,
  caution: null,
};
const step = (id: string, turns: RunStep["turns"], workers = ["ida"]): RunStep => ({
  id,
  title: id,
  room: "hall",
  piece: "tree",
  key: "ornaments",
  count: null,
  minutes: 5,
  needs: 1,
  high: false,
  from_min: 540,
  to_min: 545,
  workers,
  done: false,
  waits_for: null,
  caution: null,
  how: null,
  things: [slate],
  turns,
});
const state = { stamp: "", acts: [], hung: [], done: [] };
const act = (key: string, kind: WaitingVisitAct["body"]["kind"], more: Partial<WaitingVisitAct["body"]> = {}) =>
  ({
    account: "ida@example",
    by: "Ida",
    visit: "v",
    name: "",
    body: { key, kind, at: "2026-11-28T10:00:00+01:00", ...more },
  }) satisfies WaitingVisitAct;
const progressOf = (told: Parameters<typeof progressIn>[0], kept: WaitingVisitAct[]) => progressIn(told, kept, "v");
const hang = step("tree/ornaments", [turn("slate 1"), turn("slate 2")]);

describe("how far a visit is", () => {
  it("takes what this telephone keeps for done, and what was taken back for not done", () => {
    const up = act("a", "up", { step: hang.id, turn: "slate 1" });
    expect(progressOf(state, [up]).isUp(hang, turn("slate 1"))).toBe(true);
    expect(progressOf(state, [up, act("b", "undo", { of: "a" })]).isUp(hang, turn("slate 1"))).toBe(false);
    expect(progressOf(state, [up]).isDone(hang)).toBe(false);
  });

  it("knows what hangs by its place, whichever step or phone put it up", () => {
    const hung = [{ piece: "tree", turn: "slate 1", by: "Bram", at: "" }];
    expect(progressOf({ ...state, hung }, []).isUp(hang, turn("slate 1"))).toBe(true);
  });

  it("does not count an act twice that is on its way and written down already", () => {
    const written = {
      key: "a",
      kind: "up" as const,
      step: hang.id,
      turn: "slate 1",
      says: "",
      quantity: null,
      by: "Ida",
      visit: "v",
      at: "2026-11-28T09:00:00Z",
      minute: 600,
      box: null,
      photographs: [],
    };
    const both = progressOf({ ...state, acts: [written] }, [act("a", "up", { step: hang.id, turn: "slate 1" })]);
    expect(both.acts).toHaveLength(1);
    expect(both.clashes).toHaveLength(0);
  });

  it("leaves what was refused out of it", () => {
    const refused = { ...act("a", "up", { step: hang.id, turn: "slate 1" }), refused: "gone" };
    expect(progressOf(state, [refused]).acts).toHaveLength(0);
  });

  it("says what comes: what is skipped last, what waits not at all, others' steps not for one", () => {
    const [foot, picks, bow] = [
      step("foot", [turn("", false)]),
      step("picks", [turn("", false)]),
      step("bow", [turn("", false)], ["bram"]),
    ];
    const sheet = { steps: [foot, picks, bow] } as Sheet;
    const told = progressOf(state, [
      act("a", "skip", { step: "foot" }),
      act("b", "wait_for", { step: "bow", says: "x" }),
    ]);
    expect(upcoming(sheet, told, null).map(({ id }) => id)).toEqual(["picks", "foot"]);
    expect(upcoming(sheet, progressOf(state, []), "bram").map(({ id }) => id)).toEqual(["bow"]);
  });

  it("takes what was in the car, paused or waited for in another visit for over", () => {
    const elsewhere = (key: string, kind: WaitingVisitAct["body"]["kind"], more: Partial<WaitingVisitAct["body"]>) => ({
      ...act(key, kind, more),
      visit: "before",
    });
    const told = progressOf(state, [
      elsewhere("a", "laid_out", { turn: "1 slate" }),
      elsewhere("b", "pause", { says: "x" }),
      elsewhere("c", "wait_for", { step: hang.id, says: "x" }),
      elsewhere("d", "up", { step: hang.id, turn: "slate 1" }),
    ]);
    expect([told.ticked("1 slate"), told.paused, told.waitsFor(hang)]).toEqual([undefined, null, null]);
    expect(told.isUp(hang, turn("slate 1"))).toBe(true);
  });

  it("empties one box after the other", () => {
    const box = (number: number, quantity: number) => ({ style: "slate", box: "b", number, place: "Loft", quantity });
    const sheet = { steps: [hang], places: [box(1, 1), box(2, 5)] } as unknown as Sheet;
    expect(lyingOf(sheet, progressOf(state, []), "slate")).toMatchObject({ number: 1, left: 1 });
    const up = progressOf(state, [act("a", "up", { step: hang.id, turn: "slate 1" })]);
    expect(lyingOf(sheet, up, "slate")).toMatchObject({ number: 2, left: 5 });
  });

  it("goes on with something else while what ran out is not planned again yet", () => {
    const felt = { ...turn("felt 1"), thing: "felt" };
    const two = { ...hang, turns: [turn("slate 1"), turn("slate 2"), felt] };
    const out = act("a", "ran_out", { step: hang.id, turn: "slate" });
    expect(nextTurn(two, progressOf(state, [out]))?.key).toBe("felt 1");
    const sheet = { steps: [{ ...two, turns: [turn("slate 1")] }] } as unknown as Sheet;
    expect(upcoming(sheet, progressOf(state, [out]), null)).toEqual([]);
    const written = { ...state, stamp: "later", acts: progressOf(state, [out]).acts } as typeof state;
    expect(nextTurn(two, progressIn(written, [], "v", "before"))?.key).toBe("felt 1");
    expect(nextTurn(two, progressIn(written, [], "v", "later"))?.key).toBe("slate 1");
    const undone = [out, act("b", "undo", { of: out.body.key })];
    expect(nextTurn(two, progressOf(state, undone))?.key).toBe("slate 1");
  });

  it("takes ribbon out of its box by what was used of it, however much was planned", () => {
    const thing = { ...slate, unit: "m" as const, need: 9 };
    const wound = { ...hang, things: [thing], turns: [turn("slate", false)] };
    const sheet = {
      steps: [wound],
      places: [{ style: "slate", box: "b", number: 1, place: "Loft", quantity: 12 }],
    } as unknown as Sheet;
    const acts = [
      act("a", "up", { step: wound.id, turn: "slate" }),
      act("b", "used", { step: wound.id, turn: "slate", quantity: 7.5 }),
    ];
    expect(lyingOf(sheet, progressOf(state, acts), "slate")).toMatchObject({ left: 4.5 });
  });

  it("tells the time with the offset of the clock on the wall", () => {
    const told = onTheWall(new Date("2026-11-28T10:14:03.120Z"));
    expect(told).toMatch(/^2026-11-2\dT\d\d:14:03\.120[+-]\d\d:\d\d$/);
    expect(new Date(told).toISOString()).toBe("2026-11-28T10:14:03.120Z");
  });
});
