import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { useId } from "react";
import { steady } from "./steady";

interface WordDialProps<T extends string> {
  label: string;
  value: T;
  words: readonly T[];
  onChange: (value: T) => void;
}

/** A dial that goes from less to more over a few named notches. */
function WordDialDrawn<T extends string>({ label, value, words, onChange }: WordDialProps<T>) {
  const id = useId();
  return (
    <Box>
      <Typography id={id} variant="body2" sx={{ fontWeight: 600, color: "text.secondary" }}>
        {label}
      </Typography>
      <Box sx={{ px: 2.5 }}>
        <Slider
          size="small"
          aria-labelledby={id}
          value={words.indexOf(value)}
          min={0}
          max={words.length - 1}
          step={1}
          marks={words.map((word, i) => ({ value: i, label: word }))}
          getAriaValueText={(at) => words[at] ?? ""}
          onChange={(_, at) => {
            const word = words[at as number];
            if (word && word !== value) onChange(word);
          }}
        />
      </Box>
    </Box>
  );
}

export const WordDial = steady(WordDialDrawn);
