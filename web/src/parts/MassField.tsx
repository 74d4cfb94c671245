import { useUnits } from "../units/useUnits";
import { numberReading } from "../units/reading";
import { NumberField } from "./NumberField";

interface MassFieldProps {
  label: string;
  /** In the unit named. */
  value: number | null;
  unit: "kg" | "g";
  onChange: (value: number | null) => void;
  help?: string;
  error?: string | undefined;
}

/** A mass, typed in kilograms or grams, or in pounds or ounces where those are read. */
export function MassField({ label, value, unit, onChange, help, error }: MassFieldProps) {
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
