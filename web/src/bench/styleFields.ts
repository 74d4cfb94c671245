import type { Schemas } from "../api/client";

export type StyleKind = Schemas["Style"]["kind"];

export const TITLES: Record<StyleKind, string> = {
  ornament: "ornament style",
  ribbon: "ribbon",
  light: "string of lights",
  pick: "pick",
  garland: "garland",
  stem: "stem",
  fixing: "fixing",
};

/** What is asked of each kind, and in which unit. */
export const ASKED: Record<StyleKind, { name: string; label: string }[]> = {
  ornament: [
    { name: "diameter_mm", label: "Size, mm" },
    { name: "material", label: "Material" },
    { name: "mass_g", label: "Weight, g" },
    { name: "pack_size", label: "In a pack" },
  ],
  ribbon: [
    { name: "material", label: "Kind" },
    { name: "pack_size", label: "On a roll, m" },
  ],
  light: [
    { name: "bulbs", label: "Bulbs on a string" },
    { name: "lit_length_m", label: "Lit length, m" },
    { name: "watts", label: "Watts, from its label" },
    { name: "max_run", label: "Joined end to end, at most" },
  ],
  pick: [{ name: "pack_size", label: "In a pack" }],
  garland: [
    { name: "length_m", label: "Length of a piece, m" },
    { name: "loft_m", label: "Loft once fluffed, m" },
    { name: "mass_g", label: "Weight of a piece, g" },
  ],
  stem: [
    { name: "rise_m", label: "Stands up, m" },
    { name: "trail_m", label: "Hangs, m" },
    { name: "spread_m", label: "Fills a width of, m" },
    { name: "mass_g", label: "Weight, g" },
    { name: "pack_size", label: "In a pack" },
  ],
  fixing: [
    { name: "rated_kg", label: "Rated load, kg" },
    { name: "pack_size", label: "In a pack" },
  ],
};

export const TEXTURES = ["needle", "scale", "broadleaf", "fern", "berry", "cone", "twig", "flower"] as const;

export const TICKS: Partial<Record<StyleKind, { name: keyof Ticked; label: string }[]>> = {
  ornament: [
    { name: "breakable", label: "Breakable" },
    { name: "keepsake", label: "A keepsake" },
  ],
  garland: [{ name: "two_way", label: "Tips both ways" }],
};

export function textsOf(style: Schemas["Style"] | undefined): Record<string, string> {
  const said = (value: unknown) => (value === null || value === undefined ? "" : String(value));
  return {
    name: said(style?.name),
    colour: style?.colour ?? "#8d9194",
    diameter_mm: said(style?.diameter_mm),
    material: said(style?.material),
    pack_size: said(style?.pack_size ?? 1),
    bulbs: said(style?.bulbs),
    lit_length_m: said(style?.lit_length_m),
    mass_g: said(style?.mass_g),
    watts: said(style?.watts),
    max_run: said(style?.max_run),
    length_m: said(style?.length_m),
    loft_m: said(style?.loft_m),
    rise_m: said(style?.rise_m),
    trail_m: said(style?.trail_m),
    spread_m: said(style?.spread_m),
    rated_kg: said(style?.rated_kg),
    texture: said(style?.texture),
    on_hand: said(style?.on_hand ?? 0),
    price: style?.price_cents ? (style.price_cents / 100).toFixed(2) : "",
  };
}

/** A number as typed; what is none goes as less than any can be, and the server names the field. */
function numeric(text: string | undefined): number | null {
  if (!text || text.trim() === "") return null;
  const value = Number(text.replace(",", "."));
  return Number.isNaN(value) ? NO_NUMBER : value;
}
const NO_NUMBER = -1e9;

export interface Ticked {
  breakable: boolean;
  keepsake: boolean;
  two_way: boolean;
}

/** What is kept of a style, of what was typed and ticked. */
export function bodyOf(
  kind: StyleKind,
  texts: Record<string, string>,
  ticked: Ticked,
  style: Schemas["Style"] | undefined,
): Schemas["StyleFields"] {
  const price = numeric(texts.price);
  return {
    name: texts.name ?? "",
    kind,
    colour: texts.colour ?? null,
    material: texts.material || null,
    diameter_mm: numeric(texts.diameter_mm),
    pack_size: numeric(texts.pack_size) ?? 1,
    bulbs: numeric(texts.bulbs),
    lit_length_m: numeric(texts.lit_length_m),
    mass_g: numeric(texts.mass_g),
    watts: numeric(texts.watts),
    max_run: numeric(texts.max_run),
    on_hand: numeric(texts.on_hand) ?? 0,
    price_cents: typeof price === "number" ? Math.round(price * 100) : price,
    length_m: numeric(texts.length_m),
    loft_m: numeric(texts.loft_m),
    rise_m: numeric(texts.rise_m),
    trail_m: numeric(texts.trail_m),
    spread_m: numeric(texts.spread_m),
    rated_kg: numeric(texts.rated_kg),
    texture: texts.texture || null,
    reach_m: style?.reach_m ?? null,
    belongs_with: style?.belongs_with ?? null,
    ...ticked,
  };
}
