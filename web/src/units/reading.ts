import type { Units } from "./format";

interface Reading {
  factor: number;
  unit: string;
}

const INCHES_A_METRE = 1 / 0.0254;
const FEET_A_METRE = 1 / 0.3048;
const POUNDS_A_KILOGRAM = 1 / 0.45359237;
export const LITRES_A_CUBIC_FOOT = 28.316846592;

/** How a number in a unit is read in feet and pounds: by what it is multiplied, and what the unit is called then. */
const IMPERIAL: Record<string, Reading> = {
  m: { factor: INCHES_A_METRE, unit: "in" },
  "m apart": { factor: INCHES_A_METRE, unit: "in apart" },
  "m between turns": { factor: INCHES_A_METRE, unit: "in between turns" },
  mm: { factor: INCHES_A_METRE / 1000, unit: "in" },
  "m²": { factor: FEET_A_METRE ** 2, unit: "ft²" },
  "m² each": { factor: FEET_A_METRE ** 2, unit: "ft² each" },
  "per m²": { factor: FEET_A_METRE ** -2, unit: "per ft²" },
  "bulbs per m²": { factor: FEET_A_METRE ** -2, unit: "bulbs per ft²" },
  "bulbs per m": { factor: 1 / FEET_A_METRE, unit: "bulbs per ft" },
  "minutes per m": { factor: 1 / FEET_A_METRE, unit: "minutes per ft" },
  kg: { factor: POUNDS_A_KILOGRAM, unit: "lb" },
  "kg rated": { factor: POUNDS_A_KILOGRAM, unit: "lb rated" },
  "kg per litre": { factor: POUNDS_A_KILOGRAM * LITRES_A_CUBIC_FOOT, unit: "lb per cu ft" },
  litres: { factor: 1 / LITRES_A_CUBIC_FOOT, unit: "cu ft" },
  g: { factor: (POUNDS_A_KILOGRAM * 16) / 1000, unit: "oz" },
};
/** Rolls and pieces of garland are longer than anyone counts in inches. */
const LONG: Reading = { factor: FEET_A_METRE, unit: "ft" };

/** A number in a unit, as the person reads and types it. */
export interface NumberReading {
  unit: string;
  shown: (value: number) => string;
  /** The same in as few digits as one measures by; an end of a range is rounded into it. */
  brief: (value: number, round?: "up" | "down") => string;
  /** What was typed, in the unit it is kept in; null when it is no number. */
  read: (text: string) => number | null;
}

/**
 * How a number that is kept in a metric unit reads in the person's own.
 *
 *   numberReading("m", "imperial").shown(0.3048) // "12"
 *   numberReading("m", "imperial", "long").unit // "ft"
 */
export function numberReading(unit: string, units: Units, size?: "long"): NumberReading {
  const imperial = size === "long" && unit === "m" ? LONG : IMPERIAL[unit];
  const { factor, unit: called } = (units === "imperial" && imperial) || { factor: 1, unit };
  return {
    unit: called,
    shown: (value) => String(Number((value * factor).toFixed(4))),
    brief: (value, round) => {
      if (factor === 1) return String(Number(value.toFixed(4)));
      const step = 10 ** (Math.floor(Math.log10(Math.abs(value * factor) || 1)) - 2);
      const steps = Number(((value * factor) / step).toFixed(6));
      const whole = round === "up" ? Math.ceil(steps) : round === "down" ? Math.floor(steps) : Math.round(steps);
      return String(Number((whole * step).toFixed(6)));
    },
    read: (text) => {
      const value = Number(text.trim().replace(",", "."));
      if (text.trim() === "" || Number.isNaN(value)) return null;
      return factor === 1 ? value : Number((value / factor).toFixed(9));
    },
  };
}
