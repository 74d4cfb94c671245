import TextField from "@mui/material/TextField";
import { useEffect, useId, useRef, useState, type ReactNode } from "react";
import { asProblem } from "../api/client";
import { readLength } from "../api/lengths";
import { length, likely } from "../units/format";
import { useUnits } from "../units/useUnits";
import { useFieldReadings } from "./fieldReadings";
import { steady } from "./steady";

interface LengthFieldProps {
  label: string;
  /** Metres; null when not known. */
  value: number | null;
  onChange: (metres: number | null) => void;
  /** Why it is asked, or what it does. */
  help?: ReactNode;
  /** What the server objected to. */
  error?: string | undefined;
  required?: boolean;
  /** A likely length in metres, or what an empty field means in words. */
  placeholder?: number | string;
}

/** What a length may look like, where nothing better is known. */
const LIKELY = 2.28;

/** Takes a length in any spelling and shows it back tidied; what cannot be read stays as typed, with the reason. */
function LengthFieldDrawn({
  label,
  value,
  onChange,
  help,
  error,
  required = false,
  placeholder = LIKELY,
}: LengthFieldProps) {
  const id = useId();
  const units = useUnits();
  const readings = useFieldReadings();
  const tidy = value === null ? "" : length(value, units);
  const [typed, setTyped] = useState<string | null>(null);
  const [objection, setObjection] = useState<string | null>(null);
  const latest = useRef(0);

  useEffect(() => () => readings?.report(id, null), [readings, id]);

  async function read(text: string): Promise<boolean> {
    const turn = ++latest.current;
    try {
      const metres = await readLength(text);
      if (turn !== latest.current) return true;
      setObjection(null);
      setTyped(null);
      onChange(metres);
      return true;
    } catch (failure) {
      if (turn === latest.current) setObjection(asProblem(failure).message);
      return false;
    }
  }

  function commit() {
    if (typed === null) return;
    if (typed === tidy || typed.trim() === "") {
      latest.current += 1;
      setObjection(null);
      setTyped(null);
      readings?.report(id, true);
      if (typed !== tidy) onChange(null);
      return;
    }
    const reading = read(typed);
    readings?.report(id, reading);
  }

  const wrong = objection ?? error;
  return (
    <TextField
      label={label}
      value={typed ?? tidy}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === "Enter" && commit()}
      error={Boolean(wrong)}
      helperText={wrong ?? help}
      required={required}
      placeholder={typeof placeholder === "number" ? likely(placeholder, units) : placeholder}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { autoComplete: "off" } }}
    />
  );
}

export const LengthField = steady(LengthFieldDrawn);
