import TextField from "@mui/material/TextField";
import { useState } from "react";
import { inMetres, plainLength, shortUnit } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Lengths typed with blanks or semicolons between them. */
function read(text: string): number[] {
  return text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((part) => Number(part.replace(",", ".").replace(/(m|ft)$/, "")));
}

interface Props {
  rolls: number[];
  onChange: (metres: number[]) => void;
  /** What the server objected to. */
  error?: string | undefined;
}

/** The rolls as they lie at hand, one length after another in the studio's own unit. */
export function RollsField({ rolls, onChange, error }: Props) {
  const units = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? rolls.map((roll) => plainLength(roll, units)).join("  ");
  const wrong = read(text).some((roll) => !(roll > 0));
  const take = () => typed !== null && !wrong && onChange(read(typed).map((roll) => inMetres(roll, units)));
  const unit = shortUnit(units);
  return (
    <TextField
      className="not-on-paper"
      label={`Rolls at hand, ${unit}`}
      value={text}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => event.key === "Enter" && take()}
      error={wrong || Boolean(error)}
      helperText={
        wrong
          ? `Type lengths in ${unit === "m" ? "metres" : "feet"} with blanks between, such as 4.2 1.5.`
          : (error ?? "As measured, blanks between")
      }
      sx={{ width: 240 }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
