import { expect, test } from "vitest";
import { couponWords } from "../../src/screens/buying/words";
import { inWords as jobInWords, saidOf as jobOf } from "../../src/screens/lessons/jobFields";
import type { Particulars } from "../../src/screens/stock/particularFields";
import { inWords as particularsInWords } from "../../src/screens/stock/particularWords";

const EURO = { sign: "€", whole: false };

test("a coupon tells its share, off what, from how much and until when", () => {
  const coupon = { percent: 20, on: "purchase", least_cents: 5000, until_on: "2026-11-30" } as const;

  expect(couponWords(coupon, EURO)).toBe("20 % off a whole purchase from €50.00 until 30 Nov 2026");
  expect(couponWords({ percent: 10, on: "line", least_cents: 0, until_on: null }, EURO)).toBe(
    "10 % off its dearest line",
  );
});

test("a job tells its home by name and its metres in feet", () => {
  const rule = { key: "ribbon.spiral", title: "Ribbon in spirals", quantity: "m", per: "m laid" } as never;
  const said = { ...jobOf(undefined, "ribbon.spiral", "2026-11-19"), home: "quay", took: 3.048 };
  const parts = [{ rule: "ribbon.spiral", base: 6.096, high: 0.25 }];
  const words = jobInWords(
    { ...said, parts },
    { units: "imperial", rules: [rule], homes: [{ id: "quay", name: "Quay House" }], source: "told" },
  );

  expect([words.held_on[1], words.home[1], words.piece[1]]).toEqual(["19 Nov 2026", "Quay House", "none"]);
  expect(words.took).toEqual(["Used, ft", "10"]);
  expect(words.parts[1]).toBe("Ribbon in spirals, length, ft: 20, 25 % from the ladder");
});

test("what is known of a thing tells its riser in feet, its day and whose it is", () => {
  const said = {
    season: "winter",
    condition: "good",
    tag: "none",
    riser_height_m: 0.3048,
    litres: 28.3168,
    tested_on: "2026-11-02",
    parts: "stand\none pole",
    owner_home_id: "quay",
  } as Particulars;
  const home = { id: "quay", name: "Quay House", client: "I. Farrow" } as never;
  const words = particularsInWords(said, { units: "imperial", homes: [home] });

  expect(words.riser_height_m[1]).toBe("1 ft");
  expect(words.litres).toEqual(["Takes up, each", "1.0 cu ft"]);
  expect([words.tested_on[1], words.parts[1], words.owner_home_id[1]]).toEqual([
    "2 Nov 2026",
    "stand, one pole",
    "I. Farrow",
  ]);
  expect(
    particularsInWords({ ...said, owner_home_id: null }, { units: "metric", homes: [home] }).owner_home_id[1],
  ).toBe("the studio’s");
});
