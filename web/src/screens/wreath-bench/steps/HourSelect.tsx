import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { steady } from "../../../parts/steady";
import { clockPosition } from "../../../units/format";

interface Props {
  label: string;
  value: number;
  onChange: (hour: number) => void;
}

/** Every half hour, and the quarter it was pulled to. */
function hoursWith(value: number): number[] {
  const halves = Array.from({ length: 24 }, (_, i) => i / 2);
  return halves.includes(value) ? halves : [...halves, value].sort((one, other) => one - other);
}

/** A place on the clock, chosen by half hours. */
function HourSelectDrawn({ label, value, onChange }: Props) {
  const hour = value % 12;
  return (
    <TextField
      select
      label={label}
      value={hour}
      onChange={(event) => onChange(Number(event.target.value))}
      sx={{ flex: "0 0 112px !important" }}
    >
      {hoursWith(hour).map((each) => (
        <MenuItem key={each} value={each}>
          {clockPosition(each)}
        </MenuItem>
      ))}
    </TextField>
  );
}

export const HourSelect = steady(HourSelectDrawn);
