import { expect, test } from "vitest";
import { cartonWidth } from "../../src/screens/boxes/Carton";
import { boxOf } from "../../src/screens/boxes/codes";
import { lies } from "../../src/screens/stock/words";
import { volume } from "../../src/units/format";
import { numberReading } from "../../src/units/reading";

test("a label or a number means a box, other codes none", () => {
  expect(boxOf("14")).toBe(14);
  expect(boxOf(" https://studio.example:8443/boxes/7 ")).toBe(7);
  expect(boxOf("https://studio.example/pieces/7")).toBeNull();
  expect(boxOf("fourteen")).toBeNull();
  expect(boxOf("")).toBeNull();
});

test("a thing lies in its boxes, or nowhere", () => {
  const lot = (number: number | null, place: string | null) => ({
    box: number === null ? null : String(number),
    number,
    place,
    seen_at: null,
    quantity: 2,
  });
  expect(lies([])).toBe("none there");
  expect(lies([lot(14, "Loft left")])).toBe("box 14, Loft left");
  expect(lies([lot(null, null), lot(3, "")])).toBe("in no box; box 3");
  expect(lies([lot(1, ""), lot(2, ""), lot(3, "")])).toBe("in 3 places");
});

test("what a box holds is told in the person's own measure", () => {
  expect(volume(45, "metric")).toBe("45 l");
  expect(volume(0.25, "metric")).toBe("0.3 l");
  expect(volume(45, "imperial")).toBe("1.6 cu ft");
  expect(numberReading("litres", "imperial").read("1")).toBeCloseTo(28.316847, 5);
});

test("a larger box is drawn wider, within bounds", () => {
  expect(cartonWidth(90)).toBeGreaterThan(cartonWidth(45));
  expect(cartonWidth(2000)).toBe(190);
  expect(cartonWidth(0.5)).toBe(76);
});
