import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { steady } from "./steady";

interface TickProps {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}

/** Something that is so or is not. */
function TickDrawn({ label, checked, onChange }: TickProps) {
  return (
    <FormControlLabel
      label={label}
      control={<Checkbox size="small" checked={checked} onChange={(event) => onChange(event.target.checked)} />}
    />
  );
}

export const Tick = steady(TickDrawn);
