import { describe, expect, it } from "vitest";
import {
  blocksOf,
  clockOf,
  dayOf,
  daysOf,
  hoursOf,
  lanesOf,
  minutesOf,
  waitsOf,
  workedOn,
  type Span,
  type Step,
  type Visit,
  type Worker,
} from "../../src/screens/days/dayLayout";

const workers: Worker[] = ["ida", "bram", "nib"].map((id) => ({ id, version: 1, name: id, pace: 1, skills: [] }));

function visit(
  id: string,
  home: string,
  starts: number,
  from: number,
  to: number,
  who = ["ida", "bram", "nib"],
): Visit {
  const day = 28 + starts / 1440;
  return {
    id,
    version: 1,
    home,
    purpose: "dress",
    held_on: `2026-11-${day}`,
    from_min: from,
    to_min: to,
    lunch_from_min: null,
    lunch_min: 0,
    workers: who,
    starts_min: starts,
  };
}

function step(id: string, from: number | null, to: number | null, who: string[], after: Step["after"] = []): Step {
  return {
    id,
    home: "loft",
    room: "room",
    piece: null,
    key: id,
    title: id,
    count: null,
    minutes: 10,
    needs: who.length,
    skill: null,
    high: false,
    done: false,
    worked: [],
    waits_for: null,
    comes: null,
    pinned: false,
    optional: false,
    after,
    from_min: from,
    to_min: to,
    workers: who,
    slack_min: 0,
    why: null,
  };
}

function span(visits: Visit[], steps: Step[]): Span {
  return {
    first_on: "2026-11-28",
    last_on: "2026-11-29",
    problem: null,
    pending: false,
    chain: [],
    end_min: null,
    bound_min: null,
    visits,
    steps,
    homes: [],
    pieces: [],
  };
}

const two = [
  visit("a", "loft", 0, 545, 700),
  visit("b", "quay", 0, 730, 1000, ["ida", "bram"]),
  visit("c", "loft", 1440, 480, 600, ["nib"]),
];

describe("days of a span", () => {
  it("tells each day once, with who is there", () => {
    expect(daysOf(span(two, []), workers).map(({ on, starts, workers: there }) => [on, starts, there.length])).toEqual([
      ["2026-11-28", 0, 3],
      ["2026-11-29", 1440, 1],
    ]);
  });

  it("draws all on whole hours from the first to the last", () => {
    expect(hoursOf([span(two, [])])).toEqual({ from: 480, to: 1020 });
    expect(hoursOf([])).toEqual({ from: 540, to: 1020 });
  });

  it("stands a step in the row of who does it, on its day", () => {
    const steps = [step("clear", 545, 575, ["bram"]), step("fluff", 1920, 1950, ["nib"]), step("late", null, null, [])];
    const [first, second] = daysOf(span(two, steps), workers);
    expect(first && blocksOf(span(two, steps), first).map(({ from, top, rows }) => [from, top, rows])).toEqual([
      [545, 1, 1],
    ]);
    expect(second && blocksOf(span(two, steps), second).map(({ from, top }) => [from, top])).toEqual([[480, 0]]);
  });

  it("draws two who stand beside each other as one block, others as two", () => {
    const steps = [step("beam", 545, 575, ["bram", "ida"]), step("hoop", 580, 600, ["nib", "ida"])];
    const [first] = daysOf(span(two, steps), workers);
    expect(first && blocksOf(span(two, steps), first).map(({ step: { id }, top, rows }) => [id, top, rows])).toEqual([
      ["beam", 0, 2],
      ["hoop", 0, 1],
      ["hoop", 2, 1],
    ]);
  });

  it("shows what was worked where it was worked, in the row of who ticked it", () => {
    const worked = (worker: string | null, from_min: number, to_min: number) => ({
      by: worker,
      worker,
      from_min,
      to_min,
    });
    const steps = [
      { ...step("clear", null, null, []), done: true, worked: [worked("bram", 530, 570), worked(null, 575, 580)] },
      { ...step("fluff", null, null, []), worked: [worked("nib", 1440 + 500, 1440 + 520)] },
    ];
    const [first, second] = daysOf(span(two, steps), workers);
    expect(first && workedOn(span(two, steps), first).map(({ from, to, top, by }) => [from, to, top, by])).toEqual([
      [530, 570, 1, "bram"],
      [575, 580, 0, null],
    ]);
    expect(second && workedOn(span(two, steps), second).map(({ from, top }) => [from, top])).toEqual([[500, 0]]);
    expect(hoursOf([span(two, [{ ...step("clear", null, null, []), worked: [worked("bram", 400, 1100)] }])])).toEqual({
      from: 360,
      to: 1140,
    });
  });

  it("lays waits that would lie over each other one below the other", () => {
    const wait = (from: number, to: number) => ({ from, to, says: "sets" });
    expect(lanesOf([wait(100, 400), wait(150, 200), wait(180, 190), wait(200, 300)]).map(({ lane }) => lane)).toEqual([
      0, 1, 2, 1,
    ]);
  });

  it("lets dry over night what was made by hand, on both days", () => {
    const made = { ...step("make star", 600, 640, ["bram"]), title: "Make Paper star, 12 cm" };
    const steps = [made, step("hang", 1440 + 500, 1440 + 510, ["nib"], [{ id: "make star", wait_min: 1000 }])];
    const [first, second] = daysOf(span(two, steps), workers);
    const says = "Paper star dries";
    expect(first && waitsOf(span(two, steps), first)[0]).toEqual({ from: 640, to: 1640, says });
    expect(second && waitsOf(span(two, steps), second)).toEqual([{ from: -800, to: 200, says }]);
  });

  it("lets set what was done before it as well", () => {
    const done = { by: "bram", worker: "bram", from_min: 545, to_min: 571 };
    const steps = [
      { ...step("hooks", null, null, []), done: true, worked: [done] },
      step("garland", 635, 650, ["bram"], [{ id: "hooks", wait_min: 60 }]),
    ];
    const [first] = daysOf(span(two, steps), workers);
    expect(first && waitsOf(span(two, steps), first)[0]).toEqual({ from: 571, to: 631, says: "hooks set" });
  });

  it("shows what sets by itself and the way from home to home", () => {
    const steps = [
      step("hooks", 545, 575, ["bram"]),
      step("garland", 635, 650, ["bram"], [{ id: "hooks", wait_min: 60 }]),
    ];
    const [first] = daysOf(span(two, steps), workers);
    expect(first && waitsOf(span(two, steps), first)).toEqual([
      { from: 575, to: 635, says: "hooks set" },
      { from: 700, to: 730, says: "on the way" },
    ]);
  });
});

describe("times of a day", () => {
  it("reads and writes a clock", () => {
    expect([clockOf(545), clockOf(1440 + 60), minutesOf("9:05"), minutesOf("09:05"), minutesOf("")]).toEqual([
      "9:05",
      "1:00",
      545,
      545,
      null,
    ]);
  });

  it("knows the day that minutes lie on", () => {
    expect([dayOf(span([], []), 100), dayOf(span([], []), 4400)]).toEqual(["2026-11-28", "2026-12-01"]);
  });
});
