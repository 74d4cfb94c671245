import { describe, expect, test } from "vitest";
import { dayAfter, daysFrom, layCards, weekdayOf } from "../../src/screens/buying/days";
import { letter } from "../../src/screens/buying/HomeMarks";
import { arrivals, onTrial } from "../../src/screens/buying/onTrial";
import type { Purchase, PurchaseLine } from "../../src/screens/buying/useBuying";
import { bySupplier, packsWords, supplierWords } from "../../src/screens/buying/words";

type Quote = Parameters<typeof packsWords>[0];

function quote(packs: [number, number][], more: Partial<Quote> = {}): Quote {
  return {
    supplier: null,
    packs: packs.map(([count, size]) => ({ count, size, price_cents: 100 })),
    cents: 100,
    over: 0,
    enough: true,
    order_by_on: null,
    late: false,
    arrives_on: "2026-11-20",
    ...more,
  };
}

function line(more: Partial<PurchaseLine>): PurchaseLine {
  return {
    id: "line",
    style: "style",
    name: "Plum drop",
    kind: "ornament",
    colour: null,
    texture: null,
    shape: null,
    pack_size: 4,
    packs: 3,
    price_cents: 100,
    off_cents: 0,
    trial: false,
    decide_by: null,
    open: true,
    to_come: 0,
    undecided: 0,
    claimed: 0,
    stocked: 0,
    cents: 300,
    back_cents: 0,
    events: [],
    ...more,
  };
}

function purchase(id: string, expected_on: string, lines: PurchaseLine[]): Purchase {
  return {
    id,
    version: 1,
    key: id,
    supplier: null,
    supplier_name: null,
    ordered_on: "2026-11-10",
    expected_on,
    lines,
  };
}

describe("days", () => {
  test("are counted over the end of a month, a leap day and the change of the clocks", () => {
    expect(daysFrom("2026-11-28", "2026-12-02")).toBe(4);
    expect(daysFrom("2028-02-27", "2028-03-01")).toBe(3);
    expect(daysFrom("2026-10-24", "2026-10-26")).toBe(2);
    expect(dayAfter("2026-12-30", 3)).toBe("2027-01-02");
    expect([weekdayOf("2026-11-23"), weekdayOf("2026-11-22")]).toEqual([1, 7]);
  });
});

describe("cards over the days", () => {
  const width = { card: 170, day: 26, days: 24 };

  test("lie on no other, in as few lanes as they need", () => {
    const placed = layCards([0, 2, 9, 9, 16], width);

    expect(placed.map(({ lane }) => lane)).toEqual([0, 1, 0, 1, 0]);
    placed.forEach((one, i) =>
      placed
        .slice(i + 1)
        .filter(({ lane }) => lane === one.lane)
        .forEach(({ left }) => expect(Math.abs(left - one.left)).toBeGreaterThanOrEqual(width.card)),
    );
  });

  test("stand to the left of their day near the end", () => {
    const [last] = layCards([23], width);

    expect(last).toEqual({ left: 23 * 26 - 170, lane: 0, leftwards: true });
  });
});

describe("what is bought, in words", () => {
  test("tells packs, their sum and what is over", () => {
    expect(packsWords(quote([[2, 4]], { over: 2 }), "ornament", "metric")).toBe("2 × 4 = 8, 2 over");
    expect(packsWords(quote([[9, 1]]), "light", "metric")).toBe("9 strings");
    expect(packsWords(quote([[1, 1]]), "garland", "metric")).toBe("1 piece");
    expect(
      packsWords(
        quote([
          [2, 3],
          [1, 6],
        ]),
        "ornament",
        "metric",
      ),
    ).toBe("2 × 3 + 1 × 6");
  });

  test("tells lengths as the studio measures them, and what there is not enough of", () => {
    expect(packsWords(quote([[1, 9]], { over: 8.4 }), "ribbon", "metric")).toBe("1 × 9.0 m, 8.4 m over");
    expect(packsWords(quote([[1, 9]], { over: 8.4 }), "ribbon", "imperial")).toBe("1 × 29.5 ft, 27.5 ft over");
    expect(packsWords(quote([[1, 4]], { enough: false }), "ornament", "metric")).toBe("1 × 4, not enough");
    expect(packsWords(quote([]), "ornament", "metric")).toBe("sold out");
  });

  test("tells days and closed days of a supplier", () => {
    const supplier = { id: "a", version: 1, name: "A", not_from_here: false, note: "", coupons: [], closed_on: [] };

    expect(supplierWords({ ...supplier, lead_days: 1, closed_weekdays: [1, 7] })).toBe(
      "1 day, closed Mondays and Sundays",
    );
    expect(supplierWords({ ...supplier, lead_days: 0, closed_weekdays: [] })).toBe("in the shop");
  });

  test("knows a home by its letter", () => {
    expect(["The Signal Loft", "Tidewaiter's House", "thistle"].map(letter)).toEqual(["S", "T", "T"]);
  });
});

test("suppliers stand in the order of their first day, what nobody sells at the end", () => {
  const at = (supplier: string | null, order_by_on: string | null) =>
    ({ quote: quote([[1, 1]], { supplier, order_by_on }) }) as Parameters<typeof bySupplier>[1][number];
  const shops = bySupplier(
    [
      { id: "a", name: "A" },
      { id: "b", name: "B" },
      { id: "c", name: "C" },
    ],
    [at("b", "2026-11-18"), at("a", "2026-11-20"), at(null, null)],
  );

  expect(shops.map(({ name }) => name)).toEqual(["B", "A", "No supplier yet"]);
});

test("what may go back is told once, the first day first", () => {
  const bought = purchase("p", "2026-11-20", [
    line({ undecided: 2, back_cents: 180, decide_by: "2026-11-25", trial: true }),
  ]);
  const tagged = {
    id: "tray",
    name: "Tray",
    kind: "decor" as const,
    colour: null,
    texture: null,
    shape: null,
    on_hand: 1,
    pack_size: 1,
    price_cents: 3450,
    tag: "may_go_back" as const,
    decide_by: "2026-11-22",
  };

  expect(onTrial([bought], [tagged]).map(({ name, quantity, cents }) => [name, quantity, cents])).toEqual([
    ["Tray", 1, 3450],
    ["Plum drop", 8, 180],
  ]);
});

test("parcels stand in the order of their days, without what came", () => {
  const told = arrivals(
    [
      purchase("late", "2026-11-30", [line({ id: "one", to_come: 1 }), line({ id: "came" })]),
      purchase("soon", "2026-11-20", [line({ id: "two", to_come: 2 })]),
    ],
    [],
  );

  expect(told.map(({ line: one }) => one.id)).toEqual(["two", "one"]);
});
