import TextField from "@mui/material/TextField";
import { useEffect, useId, useState } from "react";
import { useFieldReadings } from "./fieldReadings";
import { steady } from "./steady";

interface NumberFieldProps {
  label: string;
  /** Of what, for who hears it where several stand below one another. */
  about?: string;
  value: number | null;
  onChange: (value: number | null) => void;
  help?: string | undefined;
  /** What an empty field means. */
  placeholder?: string | undefined;
  error?: string | undefined;
}

const figures = (typed: string) => typed.trim().replace(",", ".");
const readable = (said: string) => said === "" || Number.isFinite(Number(said));

/** A number as it is typed, with a comma or a point; empty means that it is not known. What is no number stays and is told. */
function NumberFieldDrawn({ label, about, value, onChange, help, placeholder, error }: NumberFieldProps) {
  const id = useId();
  const readings = useFieldReadings();
  const [typed, setTyped] = useState<string | null>(null);
  const said = typed === null ? undefined : figures(typed);
  const wrong = said !== undefined && !readable(said);

  useEffect(() => () => readings?.report(id, null), [readings, id]);

  function commit() {
    if (said === undefined || wrong) return;
    onChange(said === "" ? null : Number(said));
    setTyped(null);
  }

  return (
    <TextField
      label={label}
      value={typed ?? (value === null ? "" : String(Number(value.toFixed(3))))}
      onChange={(event) => {
        readings?.report(id, readable(figures(event.target.value)));
        setTyped(event.target.value);
      }}
      onBlur={commit}
      onKeyDown={(event) => event.key === "Enter" && commit()}
      error={wrong || Boolean(error)}
      helperText={wrong ? "Type a number, such as 12 or 4.5." : (error ?? help)}
      placeholder={placeholder ?? ""}
      slotProps={{
        htmlInput: { inputMode: "decimal", ...(about ? { "aria-label": `${label}, ${about}` } : {}) },
        inputLabel: { shrink: true },
      }}
    />
  );
}

export const NumberField = steady(NumberFieldDrawn);
