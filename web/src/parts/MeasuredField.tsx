import { useUnits } from "../units/useUnits";
import { numberReading } from "../units/reading";
import { NumberField } from "./NumberField";

interface MeasuredFieldProps {
  label: string;
  /** In the unit named. */
  value: number | null;
  unit: "kg" | "g" | "litres";
  onChange: (value: number | null) => void;
  help?: string;
  error?: string | undefined;
}

/** A mass or volume, typed in kilograms, grams or litres, or in pounds, ounces or cubic feet where those are read. */
export function MeasuredField({ label, value, unit, onChange, help, error }: MeasuredFieldProps) {
  const reading = numberReading(unit, useUnits());
  return (
    <NumberField
      label={`${label}, ${reading.unit}`}
      value={value === null ? null : Number(reading.shown(value))}
      onChange={(typed) => onChange(typed === null ? null : reading.read(String(typed)))}
      help={help}
      error={error}
    />
  );
}
