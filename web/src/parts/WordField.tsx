import TextField from "@mui/material/TextField";
import { steady } from "./steady";

interface WordFieldProps {
  label: string;
  value: string;
  /** So many letters at most. */
  most: number;
  error: string | undefined;
  onChange: (value: string) => void;
}

/** A few words of one's own. */
function WordFieldDrawn({ label, value, most, error, onChange }: WordFieldProps) {
  return (
    <TextField
      label={label}
      value={value}
      error={Boolean(error)}
      helperText={error}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ htmlInput: { maxLength: most } }}
    />
  );
}

export const WordField = steady(WordFieldDrawn);
