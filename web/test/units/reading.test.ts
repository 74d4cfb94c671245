import { expect, test } from "vitest";
import { numberReading } from "../../src/units/reading";

test.each([
  ["m", "in", 0.3048, "12"],
  ["mm", "in", 25.4, "1"],
  ["per m²", "per ft²", 10.7639, "1"],
  ["m² each", "ft² each", 0.09290304, "1"],
  ["minutes per m", "minutes per ft", 3.28084, "1"],
  ["kg rated", "lb rated", 0.45359237, "1"],
  ["g", "oz", 28.349523125, "1"],
  ["degrees", "degrees", 200, "200"],
])("%s is read as %s", (unit, called, value, said) => {
  const reading = numberReading(unit, "imperial");

  expect([reading.unit, reading.shown(value)]).toEqual([called, said]);
  expect(reading.read(said)).toBeCloseTo(value, 4);
});

test("metres stay what they are for who reads metres", () => {
  expect(numberReading("m", "metric").read("0,2")).toBe(0.2);
  expect(numberReading("m", "metric", "long").unit).toBe("m");
  expect(numberReading("m", "imperial", "long").shown(3.048)).toBe("10");
});

test("what is no number is none", () => {
  expect(["", "a few", "1,2,3"].map(numberReading("m", "imperial").read)).toEqual([null, null, null]);
});

test("a rule of the house is told in as few digits as one measures by, its ends rounded into the range", () => {
  const inches = numberReading("m", "imperial");

  expect([inches.brief(0.15), inches.brief(0.35), inches.brief(0.3048)]).toEqual(["5.91", "13.8", "12"]);
  expect([inches.brief(0.15, "up"), inches.brief(0.5, "down"), inches.brief(0, "up")]).toEqual(["5.91", "19.6", "0"]);
  expect(inches.read(inches.brief(0.15, "up"))).toBeGreaterThanOrEqual(0.15);
  expect(inches.read(inches.brief(0.5, "down"))).toBeLessThanOrEqual(0.5);
  expect(numberReading("m", "metric").brief(0.1234)).toBe("0.1234");
});
