import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import type { ReactNode } from "react";
import { INCH, length, type Units } from "../units/format";
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

/** A slider runs in what the person counts in, so that it stops at round figures of hers: centimetres, or inches. */
const SLIDES: Record<Units, Record<"of" | "metres" | "step", (value: number) => number>> = {
  metric: {
    of: (metres) => Math.round(metres * 1000) / 10,
    metres: (centimetres) => Number((centimetres / 100).toFixed(4)),
    step: (metres) => metres * 100,
  },
  imperial: {
    of: (metres) => Math.round((metres / INCH) * 8) / 8,
    metres: (inches) => Number((inches * INCH).toFixed(6)),
    step: (metres) => (metres < 0.02 ? 1 / 4 : 1),
  },
};

/** A length to be typed in any spelling or slid. */
function LengthDialDrawn({ label, value, from, to, step, onChange, help, error }: LengthDialProps) {
  const units = useUnits();
  const slide = SLIDES[units];
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
          value={Math.min(Math.max(slide.of(value), slide.of(from)), slide.of(to))}
          min={slide.of(from)}
          max={slide.of(to)}
          step={slide.step(step)}
          getAriaValueText={(position) => length(slide.metres(position), units)}
          onChange={(_, position) => onChange(slide.metres(position as number))}
        />
      </Box>
    </Box>
  );
}

export const LengthDial = steady(LengthDialDrawn);
