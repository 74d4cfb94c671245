import TextField from "@mui/material/TextField";

interface Props {
  label: string;
  /** "#rrggbb", as it stands or as it is taken for. */
  value: string;
  onChange: (colour: string) => void;
  error?: string | undefined;
  /** As wide as its label wants, pixels. */
  wide?: number;
}

/** A colour to be chosen: of what something hangs on, or of what is behind it. */
export function ColourDial({ label, value, onChange, error, wide = 96 }: Props) {
  return (
    <TextField
      label={label}
      type="color"
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={Boolean(error)}
      helperText={error}
      sx={{ flex: `0 0 ${wide}px !important` }}
    />
  );
}
