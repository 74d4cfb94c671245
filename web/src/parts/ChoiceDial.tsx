import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useId } from "react";
import { steady } from "./steady";

interface ChoiceDialProps<T extends string | number> {
  label: string;
  value: T;
  /** Every position by its label, in this order; a list where only some may be chosen. */
  choices: Readonly<Record<NoInfer<T>, string>> | { value: T; label: string }[];
  onChange: (value: T) => void;
  /** Said under it. */
  help?: string | undefined;
}

function positions<T extends string | number>(choices: ChoiceDialProps<T>["choices"], like: T) {
  if (Array.isArray(choices)) return choices;
  const named = Object.entries<string>(choices);
  return named.map(([key, label]) => ({ value: (typeof like === "number" ? Number(key) : key) as T, label }));
}

/** A dial of a few named positions, all in sight. */
function ChoiceDialDrawn<T extends string | number>({ label, value, choices, onChange, help }: ChoiceDialProps<T>) {
  const id = useId();
  return (
    <Box className="as-wide-as-it-is">
      <Typography id={id} variant="body2" sx={{ fontWeight: 600, mb: 0.5, color: "text.secondary" }}>
        {label}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={value}
        onChange={(_, next: T | null) => next !== null && onChange(next)}
        aria-labelledby={id}
        sx={{ flexWrap: "wrap" }}
      >
        {positions(choices, value).map((choice) => (
          <ToggleButton key={choice.value} value={choice.value}>
            {choice.label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {help && (
        <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 0.5 }}>
          {help}
        </Typography>
      )}
    </Box>
  );
}

export const ChoiceDial = steady(ChoiceDialDrawn);
