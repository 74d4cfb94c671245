import { LITRES_A_CUBIC_FOOT } from "./reading";
import type { Schemas } from "../api/client";
import { sayDate } from "./said";

/** Prints what Ruby answered the way a person says it. Nothing is computed here but rounding. */
export type Units = "metric" | "imperial";

const FOOT = 0.3048;
export const INCH = FOOT / 12;
const MINUS = "−";

function metric(metres: number): string {
  const size = Math.abs(metres);
  const sign = metres < 0 ? MINUS : "";
  if (size > 0 && size < 0.00995) return `${sign}${Math.round(size * 1000)} mm`;
  // Turns of lights and loops of ribbon differ by millimetres.
  if (size < 0.0995) return `${sign}${Number((size * 100).toFixed(1))} cm`;
  return size < 0.995 ? `${sign}${Math.round(size * 100)} cm` : `${sign}${size.toFixed(2)} m`;
}

function eighths(count: number): string {
  const whole = Math.floor(count / 8);
  const fraction = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"][count % 8] ?? "";
  return whole === 0 && fraction ? fraction : `${whole}${fraction}`;
}

function imperial(metres: number): string {
  const sign = metres < 0 ? MINUS : "";
  const inches = Math.abs(metres) / INCH;
  const exact = inches * 8;
  // Past two feet nobody reads a tape to the eighth; what was measured so stays so.
  const measured = Math.abs(exact - Math.round(exact)) < 0.002;
  const count = measured || inches < 24 ? Math.round(exact) : Math.round(inches) * 8;
  const feet = Math.floor(count / 96);
  const rest = count % 96;
  const parts = [feet > 0 ? `${feet} ft` : "", rest > 0 || feet === 0 ? `${eighths(rest)} in` : ""];
  return sign + parts.filter(Boolean).join(" ");
}

export function length(metres: number, units: Units): string {
  return units === "imperial" ? imperial(metres) : metric(metres);
}

/** A length somebody might type, in whole inches for those who measure in them: for what an empty field suggests. */
export function likely(metres: number, units: Units): string {
  return length(units === "imperial" ? Math.round(metres / INCH) * INCH : metres, units);
}

/** The same length in the other system, for the small print beside it. */
export function otherLength(metres: number, units: Units): string {
  return units === "imperial" ? metric(metres) : imperial(metres);
}

/** So many of something: "1 green", "3 greens". */
export function counted(number: number, one: string, many = `${one}s`): string {
  return `${count(number)} ${number === 1 ? one : many}`;
}

/** To which side, and by how much of what hangs, something weighs more. */
function lean(share: number): string {
  if (Math.round(share * 100) === 0) return "even";
  return `${percent(Math.abs(share))} to the ${share < 0 ? "left" : "right"}`;
}

/** Rounded wherever the last bit of a sum of cuts lies: 9.45 and 9.450000000000001 are told alike. */
function tenths(value: number, rounded = Math.round): string {
  return (rounded(value * 10 + 1e-9) / 10).toFixed(1);
}

/** Ribbon and other cut lengths: always long enough to say in metres or feet. */
export function cutLength(metres: number, units: Units): string {
  return units === "imperial" ? `${tenths(metres / FOOT)} ft` : `${tenths(metres)} m`;
}

/** What is left of a cut length: never more than there is. */
export function leftLength(metres: number, units: Units): string {
  return units === "imperial" ? `${tenths(metres / FOOT, Math.floor)} ft` : `${tenths(metres, Math.floor)} m`;
}

/** A length as a bare number in the studio's own unit, for fields that take several. */
export function plainLength(metres: number, units: Units): string {
  return String(Number((units === "imperial" ? metres / FOOT : metres).toFixed(2)));
}

export function inMetres(value: number, units: Units): number {
  return Number((units === "imperial" ? value * FOOT : value).toFixed(4));
}

export function shortUnit(units: Units): "m" | "ft" {
  return units === "imperial" ? "ft" : "m";
}

export function area(squareMetres: number, units: Units): string {
  return units === "imperial" ? `${(squareMetres / FOOT ** 2).toFixed(0)} ft²` : `${squareMetres.toFixed(1)} m²`;
}

/**
 * Decimal digits with a comma at each thousand. The browser's own writer of numbers takes longer to begin than a
 * screen to be built.
 */
function grouped(digits: string): string {
  return digits.replace(/\d(?=(\d{3})+$)/g, "$&,");
}

export function count(value: number): string {
  const digits = Math.abs(value).toFixed(0);
  return `${value < 0 && digits !== "0" ? MINUS : ""}${grouped(digits)}`;
}

/** How the studio writes its money. */
export type Money = Schemas["Money"];

/** Letters before an amount stay on its line. */
export function money(cents: number, { sign, whole }: Money): string {
  return `${cents < 0 ? MINUS : ""}${sign.replace(" ", "\u00a0")}${amount(Math.abs(cents), whole)}`;
}

/** The same in a row whose head tells the currency. */
export function plainMoney(cents: number): string {
  return `${cents < 0 ? MINUS : ""}${amount(Math.abs(cents), false)}`;
}

function amount(cents: number, whole: boolean): string {
  const [units = "", hundredths] = (cents / 100).toFixed(whole ? 0 : 2).split(".");
  return hundredths ? `${grouped(units)}.${hundredths}` : grouped(units);
}

/** What is to be bought: its price as far as it is known, and how much of it has none. */
export function toBuy(totals: { buy_cents: number; unpriced: number }, currency: Money): string {
  const priced = money(totals.buy_cents, currency);
  if (totals.unpriced === 0) return priced;
  return totals.buy_cents > 0 ? `${priced} + ${totals.unpriced} unpriced` : `${totals.unpriced} unpriced`;
}

export function minutes(value: number): string {
  const whole = Math.round(value / 5) * 5;
  const hours = Math.floor(whole / 60);
  return hours === 0 ? `${whole} min` : `${hours} h ${String(whole % 60).padStart(2, "0")}`;
}

export function percent(share: number): string {
  const whole = Math.round(share * 100);
  return `${whole < 0 ? MINUS : ""}${Math.abs(whole)} %`;
}

const POUND = 0.45359237;

/** A weight as read off a label: to ten grams, or to a tenth of a pound. */
export function mass(kilograms: number, units: Units): string {
  return `${plainMass(kilograms, units)} ${massUnit(units)}`;
}

/** The same in a column whose head tells the unit. */
export function plainMass(kilograms: number, units: Units): string {
  return units === "imperial" ? (kilograms / POUND).toFixed(1) : kilograms.toFixed(2);
}

/** What a box holds: to a litre, or to a tenth of a cubic foot. */
export function volume(litres: number, units: Units): string {
  if (units === "imperial") return `${(litres / LITRES_A_CUBIC_FOOT).toFixed(1)} cu ft`;
  return `${litres < 10 ? Number(litres.toFixed(1)) : Math.round(litres)} l`;
}

export function massUnit(units: Units): "kg" | "lb" {
  return units === "imperial" ? "lb" : "kg";
}

export function date(iso: string): string {
  return sayDate("en-GB", { day: "numeric", month: "short", year: "numeric" }, new Date(`${iso}T12:00:00`));
}

/** A day of this season, with its weekday: "Thu 12 Nov". */
export function weekday(iso: string): string {
  return sayDate("en-GB", { weekday: "short", day: "numeric", month: "short" }, new Date(`${iso}T12:00:00`)).replace(
    ",",
    "",
  );
}

/** The same without its weekday: "12 Nov". */
export function shortDay(iso: string): string {
  return sayDate("en-GB", { day: "numeric", month: "short" }, new Date(`${iso}T12:00:00`));
}

/** The hour by the clock on the wall: "09:05". Written out here: the first hour a browser formats holds up a bench. */
export function clock(iso: string): string {
  const at = new Date(iso);
  return [at.getHours(), at.getMinutes()].map((part) => String(part).padStart(2, "0")).join(":");
}

/** A clock position on a tree or a ring: 5.5 is "5:30", the half hour after twelve "12:30". */
export function clockPosition(hours: number): string {
  const minutes = Math.round(hours * 60) % 720;
  return `${Math.floor(minutes / 60) || 12}:${String(minutes % 60).padStart(2, "0")}`;
}

const DEPTHS = { deep: "tucked deep", "half way": "half way in", tips: "at the tips" } as const;

export function depthWords(depth: keyof typeof DEPTHS): string {
  return DEPTHS[depth];
}

/** Evenness and gaps are told by two decimals: 1.93 of 2.15. */
export function ratio(value: number): string {
  return value.toFixed(2);
}

export function daysToGo(days: number | null | undefined): string {
  if (days === null || days === undefined) return "no date yet";
  if (days === 0) return "today";
  if (days < 0) return days === -1 ? "yesterday" : `${-days} days ago`;
  return days === 1 ? "1 day to go" : `${days} days to go`;
}

/** A value of a plan in its unit, for figures, workings and the house rules' trial. */
export function quantity(value: unknown, unit: string, units: Units): string {
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (value === null || value === undefined) return "none";
  if (typeof value === "string") return value.replaceAll("_", " ");
  if (typeof value !== "number") return String(value);
  switch (unit) {
    case "m":
      return length(value, units);
    case "m2":
      return area(value, units);
    case "degrees":
      return `${Number(value.toFixed(1))}°`;
    case "share":
    case "× ceiling":
      return percent(value);
    case "lean":
      return lean(value);
    case "minutes":
      return minutes(value);
    case "kg":
      return mass(value, units);
    case "N":
      return units === "imperial" ? mass(value / 9.81, units) : `${value.toFixed(1)} N`;
    case "A":
      return `${value.toFixed(1)} A`;
    case "W":
      return `${Number(value.toFixed(1))} W`;
    case "of 2.15":
      return `${ratio(value)} of 2.15`;
    case "spacings":
      return `${ratio(value)} spacings`;
    case "turns":
      return `${value.toFixed(1)} turns`;
    default:
      return `${count(value)} ${value === 1 ? unit.replace(/s$/, "") : unit}`.trim();
  }
}
