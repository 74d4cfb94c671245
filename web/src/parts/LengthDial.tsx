import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import type { ReactNode } from "react";
import { length } from "../units/format";
import { useUnits } from "../units/useUnits";
import { LengthField } from "./LengthField";
import { steady } from "./steady";

interface LengthDialProps {
  label: string;
  value: number;
  /** The reach of the slider, metres; the field takes more. */
  from: number;
  to: number;
  step: number;
  onChange: (metres: number) => void;
  help?: ReactNode;
  error?: string | undefined;
}

/** A length to be typed in any spelling or slid. */
function LengthDialDrawn({ label, value, from, to, step, onChange, help, error }: LengthDialProps) {
  const units = useUnits();
  return (
    <Box>
      <LengthField
        label={label}
        value={value}
        onChange={(metres) => metres !== null && onChange(metres)}
        help={help}
        error={error}
      />
      <Box sx={{ px: 1 }}>
        <Slider
          size="small"
          aria-label={`${label}, slide`}
          value={Math.min(Math.max(value, from), to)}
          min={from}
          max={to}
          step={step}
          getAriaValueText={(metres) => length(metres, units)}
          onChange={(_, metres) => onChange(Number((metres as number).toFixed(3)))}
        />
      </Box>
    </Box>
  );
}

export const LengthDial = steady(LengthDialDrawn);
