import type { Line } from "./useBuying";
import type { Schemas } from "../../api/client";
import { amount, leftOver } from "../../units/amount";
import { count, counted, date, money, type Money, type Units } from "../../units/format";

type Kind = Schemas["Style"]["kind"];
type Coupon = Schemas["Supplier"]["coupons"][number];

/** What a coupon takes its share off. */
export const COUPON_ON: Record<Coupon["on"], string> = { purchase: "a whole purchase", line: "its dearest line" };

/** What comes one by one. */
const SINGLE: Partial<Record<Kind, string>> = { light: "string", tree: "tree", wreath: "wreath" };

/** "2 × 4 = 8, 2 over", "1 × 10.0 m, 7.1 m over"; of single things "9 strings". */
export function packsWords(quote: Schemas["BuyingQuote"], kind: Kind, units: Units): string {
  if (quote.packs.length === 0) return "sold out";
  const packs = quote.packs.map(({ size, count: number }) =>
    size === 1 ? counted(number, SINGLE[kind] ?? "piece") : `${count(number)} × ${amount(size, kind, units)}`,
  );
  const [one] = quote.packs;
  const sum =
    kind !== "ribbon" && quote.packs.length === 1 && one && one.size !== 1 && one.count > 1
      ? ` = ${amount(one.count * one.size, kind, units)}`
      : "";
  const over = leftOver(quote.over, kind === "ribbon", units);
  return packs.join(" + ") + sum + over + (quote.enough ? "" : ", not enough");
}

/** "20 % off a whole purchase from $50.00 until 30 Nov 2026". */
export function couponWords({ percent, on, least_cents, until_on }: Coupon, currency: Money): string {
  const least = least_cents > 0 ? ` from ${money(least_cents, currency)}` : "";
  return `${percent} % off ${COUPON_ON[on]}${least}${until_on ? ` until ${date(until_on)}` : ""}`;
}

export function priceWords({ cents, packs }: Schemas["BuyingQuote"], currency: Money): string {
  if (packs.length === 0) return "";
  return cents === null ? "no price" : money(cents, currency);
}

/** Suppliers with what is bought there, the one whose first day comes first at the top; at last what nobody sells yet. */
export function bySupplier<S extends { id: string; name: string }>(suppliers: S[], lines: Line[]): Shop<S>[] {
  const shops: Shop<S>[] = [
    ...suppliers.map((about) => ({ id: about.id as string | null, name: about.name, about: about as S | null })),
    { id: null, name: NOBODY, about: null },
  ].map((shop) => ({ ...shop, lines: lines.filter(({ quote }) => quote.supplier === shop.id) }));
  const first = ({ lines: [line] }: Shop<S>) => line?.quote.order_by_on ?? "9";
  return shops.filter((shop) => shop.lines.length > 0).sort((one, other) => first(one).localeCompare(first(other)));
}

interface Shop<S> {
  id: string | null;
  name: string;
  about: S | null;
  lines: Line[];
}

export const NOBODY = "No supplier yet";

export const HAPPENED: Record<Schemas["PurchaseEvent"]["kind"], string> = {
  arrived: "came",
  wrong_colour: "came in another colour",
  faulty: "came with a fault",
  missing: "was missing",
  replaced: "was replaced",
  refunded: "money back",
  kept: "kept",
  taken_back: "taken back",
  cancelled: "called off",
};

export const LISTS: Record<Schemas["Sighting"]["list"], { name: string; empty: string }> = {
  seen: { name: "seen", empty: "Nothing was seen yet that has to be decided: a photograph, the place, the price." },
  wish: { name: "wished for", empty: "Nobody wishes for anything yet." },
  clearance: { name: "clearance", empty: "Nothing is looked for in the clearance after the season yet." },
};

export const WEEKDAYS = ["Mondays", "Tuesdays", "Wednesdays", "Thursdays", "Fridays", "Saturdays", "Sundays"];

/** "3 days, closed Sundays". */
export function supplierWords({ lead_days, closed_weekdays }: Schemas["Supplier"]): string {
  const way = lead_days === 0 ? "in the shop" : lead_days === 1 ? "1 day" : `${lead_days} days`;
  const closed = closed_weekdays.map((day) => WEEKDAYS[day - 1]).join(" and ");
  return closed ? `${way}, closed ${closed}` : way;
}
