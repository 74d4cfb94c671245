import { leftOver } from "../../src/units/amount";
import { describe, expect, test } from "vitest";
import lengths from "../../../core/test/values/lengths.json";
import {
  area,
  clock,
  clockPosition,
  count,
  cutLength,
  leftLength,
  date,
  daysToGo,
  depthWords,
  inMetres,
  length,
  likely,
  mass,
  minutes,
  money,
  plainMoney,
  otherLength,
  percent,
  plainLength,
  quantity,
  ratio,
  shortUnit,
} from "../../src/units/format";

test.each(lengths)("$metres m reads here as it is printed by the core", ({ metres, metric, imperial }) => {
  expect([length(metres, "metric"), length(metres, "imperial")]).toEqual([metric, imperial]);
});

describe("lengths in metres", () => {
  test.each([
    [2.28, "2.28 m"],
    [0.14, "14 cm"],
    [0.999, "1.00 m"],
    [0.0553, "5.5 cm"],
    [0.07, "7 cm"],
    [0.007, "7 mm"],
    [0, "0 cm"],
    [-0.25, "−25 cm"],
    [-1.5, "−1.50 m"],
  ])("%d is said as %s", (metres, said) => {
    expect(length(metres, "metric")).toBe(said);
  });

  test("no length falls between two ways of saying it", () => {
    for (let millimetres = 1; millimetres < 3_000; millimetres += 1)
      expect(length(millimetres / 1000, "metric")).toMatch(/^(\d mm|\d(\.\d)? cm|\d\d cm|\d\.\d\d m)$/);
  });
});

describe("lengths in feet and inches", () => {
  test.each([
    [2.286, "7 ft 6 in"],
    [0.1651, "6½ in"],
    [0.047625, "1⅞ in"],
    [0.3048, "1 ft"],
    [0, "0 in"],
    [3.65759, "12 ft"],
    [3.6576, "12 ft"],
    [-0.0254, "−1 in"],
  ])("%d m is said as %s", (metres, said) => {
    expect(length(metres, "imperial")).toBe(said);
  });

  test("twelve inches are always a foot", () => {
    for (let eighths = 0; eighths < 2_000; eighths += 1)
      expect(length((eighths * 0.0254) / 8, "imperial")).not.toMatch(/\b12\S* in/);
  });

  test("the other system is the other one", () => {
    expect(otherLength(2.4, "metric")).toBe(length(2.4, "imperial"));
    expect(otherLength(2.4, "imperial")).toBe(length(2.4, "metric"));
  });
});

test("what an empty field suggests is what one would type", () => {
  expect([0.6, 1.4, 0.55, 0].map((metres) => likely(metres, "imperial"))).toEqual([
    "2 ft",
    "4 ft 7 in",
    "1 ft 10 in",
    "0 in",
  ]);
  expect([0.6, 1.4].map((metres) => likely(metres, "metric"))).toEqual(["60 cm", "1.40 m"]);
});

test("a cut length is said in the long unit, however short it is", () => {
  expect(cutLength(0.94, "metric")).toBe("0.9 m");
  expect(cutLength(7.62, "imperial")).toBe("25.0 ft");
});

test("a sum of cuts is told alike, wherever its last bit lies", () => {
  expect([9.45, 9.450000000000001, 9.449999999999999].map((metres) => cutLength(metres, "metric"))).toEqual(
    Array.from({ length: 3 }, () => "9.5 m"),
  );
  expect([9.44, 0].map((metres) => cutLength(metres, "metric"))).toEqual(["9.4 m", "0.0 m"]);
});

test("what is left over is never told as more than there is", () => {
  expect([7.05, 7.1, 0.04].map((metres) => leftLength(metres, "metric"))).toEqual(["7.0 m", "7.1 m", "0.0 m"]);
  expect(leftLength(7.62, "imperial")).toBe("25.0 ft");
  expect([0, 0.04, 7.05].map((metres) => leftOver(metres, true, "metric"))).toEqual(["", "", ", 7.0 m over"]);
  expect([0, 3].map((pieces) => leftOver(pieces, false, "metric"))).toEqual(["", ", 3 over"]);
});

test("what is put into a field of several lengths reads back to half a hundredth of its unit", () => {
  const unit = { metric: 1, imperial: 0.3048 };
  for (const units of ["metric", "imperial"] as const)
    for (let metres = 0.1; metres < 12; metres += 0.137) {
      const read = inMetres(Number(plainLength(metres, units)), units);
      expect(Math.abs(read - metres)).toBeLessThan(0.0051 * unit[units]);
    }
  expect(shortUnit("metric")).toBe("m");
  expect(shortUnit("imperial")).toBe("ft");
});

test("surfaces and counts", () => {
  expect(area(5.325, "metric")).toBe("5.3 m²");
  expect(area(5.325, "imperial")).toBe("57 ft²");
  expect(count(1234.4)).toBe("1,234");
  expect(mass(2.5, "metric")).toBe("2.50 kg");
  expect(mass(2.5, "imperial")).toBe("5.5 lb");
  expect(ratio(1.934)).toBe("1.93");
});

test("counts are told in threes of digits, to the nearest one", () => {
  const said = [0, 7, 999, 999.5, 1000, 12_345, 1_234_567.5, -2500, -0.4].map(count);
  expect(said).toEqual(["0", "7", "999", "1,000", "1,000", "12,345", "1,234,568", "−2,500", "0"]);
  const rounded = new Intl.NumberFormat("en", { maximumFractionDigits: 0 });
  for (let value = 0.5; value < 1e7; value *= 1.37) expect(count(value)).toBe(rounded.format(value));
});

test("money is written as the studio's currency is", () => {
  const euro = { sign: "€", whole: false };
  const yen = { sign: "¥", whole: true };
  expect([123_456, 0, -50, 5].map((cents) => money(cents, euro))).toEqual(["€1,234.56", "€0.00", "−€0.50", "€0.05"]);
  expect([123_450, 100_000_049, -99].map((cents) => money(cents, yen))).toEqual(["¥1,235", "¥1,000,000", "−¥1"]);
  expect(money(120_000, { sign: "SEK ", whole: false })).toBe("SEK\u00a01,200.00");
  expect([123_456, -5].map(plainMoney)).toEqual(["1,234.56", "−0.05"]);
});

test.each([
  [0, "0 min"],
  [2, "0 min"],
  [3, "5 min"],
  [57, "55 min"],
  [58, "1 h 00"],
  [62.4, "1 h 00"],
  [125, "2 h 05"],
])("%d minutes are told to five minutes: %s", (value, said) => {
  expect(minutes(value)).toBe(said);
});

test("a share below nothing has the sign a length has", () => {
  expect(percent(0.333)).toBe("33 %");
  expect(percent(-0.02)).toBe("−2 %");
  expect(percent(-0.001)).toBe("0 %");
});

test("days to a visit are told as one says them", () => {
  expect([null, undefined, 0, 1, 2, -1, -5].map(daysToGo)).toEqual([
    "no date yet",
    "no date yet",
    "today",
    "1 day to go",
    "2 days to go",
    "yesterday",
    "5 days ago",
  ]);
  expect(date("2026-11-28")).toBe("28 Nov 2026");
});

test("a clock position has full and half hours, and twelve is twelve", () => {
  expect([0, 0.5, 5.5, 6, 12].map(clockPosition)).toEqual(["12:00", "12:30", "5:30", "6:00", "12:00"]);
  expect(depthWords("deep")).toBe("tucked deep");
});

describe("a figure in its unit", () => {
  test.each([
    [2.4, "m", "2.40 m"],
    [5.325, "m2", "5.3 m²"],
    [12.04, "degrees", "12°"],
    [0.85, "share", "85 %"],
    [0.85, "× ceiling", "85 %"],
    [95, "minutes", "1 h 35"],
    [2.5, "kg", "2.50 kg"],
    [9.81, "N", "9.8 N"],
    [1.25, "A", "1.3 A"],
    [60.04, "W", "60 W"],
    [1.934, "of 2.15", "1.93 of 2.15"],
    [0.784, "spacings", "0.78 spacings"],
    [7.25, "turns", "7.3 turns"],
    [1, "strings", "1 string"],
    [3, "strings", "3 strings"],
    [1200, "bulbs", "1,200 bulbs"],
    [40, "", "40"],
    [true, "yes/no", "yes"],
    [false, "yes/no", "no"],
    [null, "m", "none"],
    [undefined, "m", "none"],
    ["too_tall", "verdict", "too tall"],
  ])("%s of %s is told as %s", (value, unit, said) => {
    expect(quantity(value, unit, "metric")).toBe(said);
  });
});

test("an hour is told by the clock on the wall, with two figures each", () => {
  expect(clock(new Date(2026, 10, 19, 9, 5).toISOString())).toBe("09:05");
  expect(clock(new Date(2026, 10, 19, 23, 40).toISOString())).toBe("23:40");
});
