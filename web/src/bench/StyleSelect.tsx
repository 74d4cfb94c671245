import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../api/client";
import { inLine } from "../parts/ledgerWords";
import { steady } from "../parts/steady";
import { useUnits } from "../units/useUnits";

type Style = Schemas["Style"];

interface Props {
  label: string;
  kinds: Style["kind"][];
  styles: Style[];
  value: string | null;
  onChange: (id: string | null) => void;
  /** How it is said that none is chosen. */
  none: string;
  /** Said under it. */
  help?: string | undefined;
}

/** One style of the stock, with how many of it are free. */
function StyleSelectDrawn({ label, kinds, styles, value, onChange, none, help }: Props) {
  const units = useUnits();
  const offered = styles
    .filter((style) => kinds.includes(style.kind) && (!style.retired || style.id === value))
    .sort((one, other) => one.name.localeCompare(other.name));
  return (
    <TextField
      select
      label={label}
      helperText={help}
      value={value ?? ""}
      onChange={(event) => onChange(event.target.value || null)}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value="">{none}</MenuItem>
      {offered.map((style) => (
        <MenuItem key={style.id} value={style.id}>
          {style.name} ({inLine(style.free ?? style.on_hand, { unit: style.kind === "ribbon" ? "m" : "pieces" }, units)}
          )
        </MenuItem>
      ))}
    </TextField>
  );
}

export const StyleSelect = steady(StyleSelectDrawn);
