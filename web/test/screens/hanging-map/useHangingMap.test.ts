import { describe, expect, test } from "vitest";
import { siteKey, withHung } from "../../../src/screens/hanging-map/useHangingMap";

const site = (style: string, number: number, up = false) => ({ style, number, up, by: up ? "Bram" : null, at: null });
const sheet = {
  sites: [site("plum", 1, true), site("plum", 2), site("bell", 1)],
  styles: [
    { id: "plum", up: 1 },
    { id: "bell", up: 0 },
  ],
  up: 1,
} as never;
const hung = (style: string, number: number) =>
  ({ style, number, by: "Bram Teasel", at: "2026-11-28T10:05:00Z" }) as never;

describe("what others tick", () => {
  test("shows on its place with who and when, and counts in its style and in all", () => {
    const told = withHung(sheet, [hung("plum", 1), hung("bell", 1)]);

    expect(told.sites.map(({ up, by }) => [up, by])).toEqual([
      [true, "Bram Teasel"],
      [false, null],
      [true, "Bram Teasel"],
    ]);
    expect(told.styles.map(({ up }) => up)).toEqual([1, 1]);
    expect(told.up).toBe(2);
  });

  test("taken down again is down", () => {
    const told = withHung(sheet, []);

    expect(told.sites.some(({ up }) => up)).toBe(false);
    expect(told.up).toBe(0);
  });

  test("without a place on this map counts nowhere", () => {
    expect(withHung(sheet, [hung("plum", 9)]).up).toBe(0);
  });
});

test("a place is known by style and number", () => {
  expect(siteKey({ style: "plum", number: 12 })).toBe("plum 12");
  expect(siteKey({ style: "plum", number: 1 })).not.toBe(siteKey({ style: "plum", number: 11 }));
});
