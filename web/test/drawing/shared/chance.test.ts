import { describe, expect, test } from "vitest";
import { chance } from "../../../src/drawing/shared/chance";
import { shade } from "../../../src/drawing/shared/shade";
import { newKey } from "../../../src/api/key";

function numbers(seed: number, count: number): number[] {
  const next = chance(seed);
  return Array.from({ length: count }, next);
}

describe("chance from a seed", () => {
  test("is the same every time and another with another seed", () => {
    expect(numbers(7, 20)).toEqual(numbers(7, 20));
    expect(numbers(7, 20)).not.toEqual(numbers(8, 20));
  });

  test.each([1, 7, 2026, -5, 0, 4294967295])("with %d lies from 0 up to 1, evenly", (seed) => {
    const told = numbers(seed, 4_000);
    const tenths = Array.from({ length: 10 }, (_, i) => told.filter((one) => Math.floor(one * 10) === i).length);

    expect(told.every((one) => one >= 0 && one < 1)).toBe(true);
    tenths.forEach((held) => expect(held).toBeGreaterThan(320));
    tenths.forEach((held) => expect(held).toBeLessThan(480));
  });
});

describe("a shade of a colour", () => {
  test("by nothing is the colour itself", () => {
    expect(shade("#5b7083", 0)).toBe("rgb(91 112 131)");
  });

  test("goes to white and to black at its ends", () => {
    expect(shade("#5b7083", 1)).toBe("rgb(255 255 255)");
    expect(shade("#5b7083", -1)).toBe("rgb(0 0 0)");
  });

  test("never turns round on the way", () => {
    const red = (by: number) => Number(/\d+/.exec(shade("#5b7083", by))?.[0]);
    const reds = Array.from({ length: 41 }, (_, i) => red(i / 20 - 1));

    expect([...reds].sort((a, b) => a - b)).toEqual(reds);
  });
});

test("keys of acts look like keys and are never the same twice", () => {
  const keys = Array.from({ length: 400 }, newKey);

  expect(new Set(keys).size).toBe(400);
  keys.forEach((key) => expect(key).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/));
});
