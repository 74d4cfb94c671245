import Add from "@mui/icons-material/Add";
import Remove from "@mui/icons-material/Remove";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { steady } from "./steady";

interface CountDialProps {
  label: string;
  /** Of what, for who hears it where several stand below one another. */
  about?: string;
  value: number;
  onChange: (value: number) => void;
  step?: number;
  min?: number;
  /** What there is of it; more cannot be. */
  most?: number;
  help?: string;
}

/** A whole number: typed, or one up and down. */
function CountDialDrawn({ label, about, value, onChange, step = 1, min = 0, most = Infinity, help }: CountDialProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const whole = typed === null || /^\d+$/.test(typed.trim());
  const wrong = !whole || Number(typed) > most;

  const heard = about ? `${label} of ${about}` : label;

  function commit() {
    if (typed === null || wrong) return;
    onChange(Number(typed));
    setTyped(null);
  }

  return (
    <Box className="count" sx={{ display: "flex", alignItems: "flex-start" }}>
      <TextField
        label={label}
        value={typed ?? String(value)}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => event.key === "Enter" && commit()}
        error={wrong}
        helperText={
          !whole ? "Type a whole number, such as 24." : wrong ? `There are ${most}. Type ${most} or fewer.` : help
        }
        slotProps={{
          htmlInput: { inputMode: "numeric", ...(about ? { "aria-label": heard } : {}) },
          inputLabel: { shrink: true },
        }}
      />
      <IconButton
        aria-label={`${heard}: fewer`}
        onClick={() => onChange(Math.max(value - step, min))}
        disabled={value <= min}
        sx={{ ml: 0.5 }}
      >
        <Remove fontSize="small" />
      </IconButton>
      <IconButton
        aria-label={`${heard}: more`}
        onClick={() => onChange(Math.min(value + step, most))}
        disabled={value >= most}
      >
        <Add fontSize="small" />
      </IconButton>
    </Box>
  );
}

export const CountDial = steady(CountDialDrawn);
