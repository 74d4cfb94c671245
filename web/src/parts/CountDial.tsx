import Add from "@mui/icons-material/Add";
import Remove from "@mui/icons-material/Remove";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { steady } from "./steady";

interface CountDialProps {
  label: string;
  value: number;
  onChange: (value: number) => void;
  step?: number;
  min?: number;
  help?: string;
}

/** A whole number: typed, or one up and down. */
function CountDialDrawn({ label, value, onChange, step = 1, min = 0, help }: CountDialProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = typed !== null && !/^\d+$/.test(typed.trim());

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
        helperText={wrong ? "Type a whole number, such as 24." : help}
        slotProps={{ htmlInput: { inputMode: "numeric" }, inputLabel: { shrink: true } }}
      />
      <IconButton
        aria-label={`${label}: fewer`}
        onClick={() => onChange(Math.max(value - step, min))}
        disabled={value <= min}
        sx={{ ml: 0.5 }}
      >
        <Remove fontSize="small" />
      </IconButton>
      <IconButton aria-label={`${label}: more`} onClick={() => onChange(value + step)}>
        <Add fontSize="small" />
      </IconButton>
    </Box>
  );
}

export const CountDial = steady(CountDialDrawn);
