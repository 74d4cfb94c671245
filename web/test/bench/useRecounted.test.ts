import { expect, test } from "vitest";
import { readWithPlan, recounted } from "../../src/bench/useRecounted";

const read = (at: number, underWay = false) => ({ at, underWay });

/** What a bench is told, one reading after the other. */
function told(readings: ReturnType<typeof read>[], acted = false): number[] {
  let known: number | null = null;
  return readings.map((one) => {
    known = readWithPlan(known, one, acted);
    return recounted(known, one);
  });
}

test("the first reading tells of the stock the first plan was made of", () => {
  expect(told([read(0, true), read(500)])).toEqual([0, 0]);
});

test("what was read before the bench opened is not the first until it was read again", () => {
  expect(told([read(300, true), read(500), read(700)])).toEqual([0, 0, 700]);
});

test("every later reading may give another plan", () => {
  expect(told([read(500), read(900, true), read(900), read(1300)])).toEqual([0, 900, 900, 1300]);
});

test("the first reading too, when something was done while it was under way", () => {
  expect(told([read(0, true), read(500)], true)).toEqual([0, 500]);
});
