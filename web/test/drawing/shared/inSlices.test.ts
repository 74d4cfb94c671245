import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { inSlices } from "../../../src/drawing/shared/inSlices";

let clock = 0;

beforeEach(() => {
  clock = 0;
  vi.useFakeTimers();
  vi.spyOn(performance, "now").mockImplementation(() => clock);
  vi.stubGlobal("window", { setTimeout, clearTimeout });
});

afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

/** So many steps of so many milliseconds; tells after which it stands. */
function work(steps: number, each: number) {
  const told = { stands: 0, done: 0 };
  function* all() {
    for (; told.stands < steps; told.stands += 1) {
      clock += each;
      yield;
    }
  }
  return { told, all: all(), done: () => (told.done += 1) };
}

test("what is short is done at once, without waiting for anybody", () => {
  const { told, all, done } = work(3, 3);
  inSlices(all, done);
  expect(told).toEqual({ stands: 3, done: 1 });
});

test("what is long lets others through and is done once", () => {
  const { told, all, done } = work(20, 4);
  inSlices(all, done);
  expect(told).toEqual({ stands: 2, done: 0 });
  vi.advanceTimersToNextTimer();
  expect(told.stands).toBeGreaterThan(3);
  expect(told.stands).toBeLessThan(8);
  vi.runAllTimers();
  expect(told).toEqual({ stands: 20, done: 1 });
});

test("what is stopped is never done, and what may wait has not begun", () => {
  const stopped = work(20, 4);
  inSlices(stopped.all, stopped.done)();
  const later = work(1, 1);
  inSlices(later.all, later.done, "later");
  expect(later.told.done).toBe(0);
  vi.runAllTimers();
  expect([stopped.told.done, later.told.done]).toEqual([0, 1]);
});
