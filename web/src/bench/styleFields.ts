import type { Schemas } from "../api/client";
import type { InWords } from "../parts/useKeptForm";
import type { Units } from "../units/format";
import { numberReading, type NumberReading } from "../units/reading";

export type StyleKind = Schemas["Style"]["kind"];

export const TITLES: Record<StyleKind, string> = {
  ornament: "an ornament style",
  ribbon: "a ribbon",
  light: "a string of lights",
  pick: "a pick",
  garland: "a garland",
  stem: "a stem",
  fixing: "a fixing",
  wreath: "a wreath or ring",
  tree: "a tree",
  decor: "a piece of decor",
  tool: "a tool",
};

/** What is asked of each kind, and in which unit. */
export const ASKED: Record<StyleKind, { name: Numbered | "material"; label: string }[]> = {
  ornament: [
    { name: "diameter_mm", label: "Size" },
    { name: "material", label: "Material" },
    { name: "mass_g", label: "Weight" },
    { name: "pack_size", label: "In a pack" },
  ],
  ribbon: [
    { name: "material", label: "Kind" },
    { name: "pack_size", label: "On a roll" },
    { name: "width_mm", label: "Width" },
  ],
  light: [
    { name: "bulbs", label: "Bulbs on a string" },
    { name: "lit_length_m", label: "Lit length" },
    { name: "watts", label: "Watts, from its label" },
    { name: "max_run", label: "Joined end to end, at most" },
  ],
  pick: [{ name: "pack_size", label: "In a pack" }],
  garland: [
    { name: "length_m", label: "Length of a piece" },
    { name: "loft_m", label: "Loft once fluffed" },
    { name: "mass_g", label: "Weight of a piece" },
  ],
  stem: [
    { name: "rise_m", label: "Stands up" },
    { name: "trail_m", label: "Hangs" },
    { name: "spread_m", label: "Fills a width of" },
    { name: "mass_g", label: "Weight" },
    { name: "pack_size", label: "In a pack" },
  ],
  fixing: [
    { name: "rated_kg", label: "Rated load" },
    { name: "pack_size", label: "In a pack" },
  ],
  wreath: [
    { name: "across_m", label: "Across" },
    { name: "opening_m", label: "Opening" },
    { name: "mass_g", label: "Weight" },
  ],
  tree: [
    { name: "length_m", label: "Height" },
    { name: "across_m", label: "Spread" },
    { name: "bulbs", label: "Bulbs of its own" },
  ],
  decor: [
    { name: "material", label: "Material" },
    { name: "mass_g", label: "Weight" },
    { name: "pack_size", label: "In a pack" },
  ],
  tool: [{ name: "pack_size", label: "In a pack" }],
};

export const TEXTURES = ["needle", "scale", "broadleaf", "fern", "berry", "cone", "twig", "flower"] as const;

export const WIRE = ["wired", "unwired"] as const;

export const TICKS: Partial<Record<StyleKind, { name: keyof Ticked; label: string }[]>> = {
  ornament: [
    { name: "breakable", label: "Breakable" },
    { name: "keepsake", label: "A keepsake" },
  ],
  garland: [{ name: "two_way", label: "Tips both ways" }],
  decor: [
    { name: "breakable", label: "Breakable" },
    { name: "keepsake", label: "A keepsake" },
  ],
};

/** The unit a field of a style is kept in. */
function unitOf(name: string, kind: StyleKind): string {
  if (kind === "ribbon" && (name === "pack_size" || name === "on_hand")) return "m";
  return /_(mm|g|m|kg)$/.exec(name)?.[1] ?? "";
}

/** How a number of a style is read and typed; lengths of rolls and pieces in feet, those of rings in inches. */
export function readingOf(name: string, kind: StyleKind, units: Units): NumberReading {
  return numberReading(unitOf(name, kind), units, kind === "wreath" ? undefined : "long");
}

const NUMBERS = [
  "diameter_mm",
  "pack_size",
  "bulbs",
  "lit_length_m",
  "mass_g",
  "watts",
  "max_run",
  "on_hand",
  "length_m",
  "loft_m",
  "rise_m",
  "trail_m",
  "spread_m",
  "rated_kg",
  "width_mm",
  "across_m",
  "opening_m",
] as const;
type Numbered = (typeof NUMBERS)[number];

export interface Ticked {
  breakable: boolean;
  keepsake: boolean;
  two_way: boolean;
  retired: boolean;
}

/** What is typed of a style, numbers too, and what is ticked. */
export type Said = Record<Numbered | "name" | "colour" | "material" | "texture" | "wire" | "price", string> & Ticked;

/** What stands in the fields of a style, as the person reads it. */
export function saidOf(style: Schemas["Style"] | undefined, kind: StyleKind, units: Units): Said {
  const fresh: Partial<Record<Numbered, number>> = { pack_size: 1, on_hand: 0 };
  const numbers = NUMBERS.map((name) => {
    const value = style ? style[name] : fresh[name];
    return [name, value === null || value === undefined ? "" : readingOf(name, kind, units).shown(value)];
  });
  return {
    ...(Object.fromEntries(numbers) as Record<Numbered, string>),
    name: style?.name ?? "",
    colour: style?.colour ?? "#8d9194",
    material: style?.material ?? "",
    texture: style?.texture ?? "",
    wire: style?.wire ?? "",
    price: style?.price_cents ? (style.price_cents / 100).toFixed(2) : "",
    breakable: style?.breakable ?? false,
    keepsake: style?.keepsake ?? false,
    two_way: style?.two_way ?? false,
    retired: style?.retired ?? false,
  };
}

/** Each field by what it is called, with its unit. */
export function inWords(said: Said, kind: StyleKind, units: Units): InWords<Said> {
  const called = (name: Numbered | "material") => ASKED[kind].find((asked) => asked.name === name)?.label ?? "On hand";
  const numbers = NUMBERS.map((name) => {
    const { unit } = readingOf(name, kind, units);
    return [name, [called(name), said[name] && [said[name], unit].filter(Boolean).join(" ")]] as const;
  });
  const yes = (ticked: boolean) => (ticked ? "yes" : "no");
  return {
    ...(Object.fromEntries(numbers) as Record<Numbered, [string, string]>),
    name: ["Name", said.name],
    colour: ["Colour", said.colour],
    material: [called("material"), said.material],
    texture: ["Texture", said.texture],
    wire: ["Edges", said.wire],
    price: ["Price", said.price],
    breakable: ["Breakable", yes(said.breakable)],
    keepsake: ["A keepsake", yes(said.keepsake)],
    two_way: ["Tips both ways", yes(said.two_way)],
    retired: ["Retired", yes(said.retired)],
  };
}

/** What is kept of a style, of what was typed and ticked; what is no number goes as it was typed, and the server says so. */
export function bodyOf(
  kind: StyleKind,
  said: Said,
  { style, units }: { style: Schemas["Style"] | undefined; units: Units },
): Schemas["StyleFields"] {
  const unread: Record<string, string> = {};
  const number = (name: Numbered | "price", reading: NumberReading, key: string = name) => {
    const text = said[name];
    const before: unknown = style ? Reflect.get(style, name) : undefined;
    if (typeof before === "number" && reading.shown(before) === text) return before;
    const value = reading.read(text);
    if (value === null && text.trim() !== "") unread[key] = text.trim();
    return value;
  };
  const numbers = Object.fromEntries(NUMBERS.map((name) => [name, number(name, readingOf(name, kind, units))]));
  const price = number("price", numberReading("", units), "price_cents");
  const body: Schemas["StyleFields"] = {
    ...numbers,
    name: said.name,
    kind,
    colour: said.colour,
    material: said.material || null,
    pack_size: numbers.pack_size ?? 1,
    on_hand: numbers.on_hand ?? 0,
    price_cents: price === null ? null : Math.round(price * 100),
    texture: said.texture || null,
    wire: WIRE.find((known) => known === said.wire) ?? null,
    reach_m: style?.reach_m ?? null,
    belongs_with: style?.belongs_with ?? null,
    breakable: said.breakable,
    keepsake: said.keepsake,
    two_way: said.two_way,
    retired: said.retired,
  };
  return Object.assign(body, unread);
}
