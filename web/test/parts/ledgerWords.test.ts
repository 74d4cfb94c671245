import { expect, test } from "vitest";
import { bought } from "../../src/parts/ledgerWords";

const line = {
  kind: "stem",
  unit: "pieces",
  short: 3,
  spares_short: 0,
  packs: 1,
  left_over: 3,
  buy_cents: 600,
} as const;

const EURO = { sign: "€", whole: false };

test("what is short is told in packs, with what is over and what it costs", () => {
  expect(bought(line, "metric", EURO)).toBe("buy 1 pack, 3 over · €6.00");
  expect(bought({ ...line, short: 0 }, "metric", EURO)).toBe("");
  expect(bought({ ...line, packs: null, buy_cents: null }, "metric", EURO)).toBe("");
});

test("what comes out of a pack that is opened for a line above is bought there", () => {
  expect(bought({ ...line, packs: 0, buy_cents: 0 }, "metric", EURO)).toBe("out of the pack bought above");
  expect(bought({ ...line, kind: "ribbon", unit: "m", packs: 0, buy_cents: 0 }, "metric", EURO)).toBe(
    "out of the roll bought above",
  );
});
