import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { counted, cutLength, length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

type Roll = Schemas["CutRoll"];

/** Pieces that follow one another for the same use, told together. */
function byUse(cuts: Schemas["Cut"][]): { use: string; lengths: number[] }[] {
  const runs: { use: string; lengths: number[] }[] = [];
  for (const cut of cuts) {
    const last = runs.at(-1);
    if (last?.use === cut.for) last.lengths.push(cut.length_m);
    else runs.push({ use: cut.for, lengths: [cut.length_m] });
  }
  return runs;
}

/** One roll: its pieces in cutting order, drawn to scale and told. */
export function RollRow({ roll, number }: { roll: Roll; number: number }) {
  const units = useUnits();
  return (
    <Box
      component="li"
      sx={(theme) => ({ py: 1, borderTop: `1px solid ${theme.palette.divider}`, breakInside: "avoid" })}
    >
      <Typography variant="body2">
        <strong>
          {number}. {roll.new ? "New roll" : "From stock"}, {cutLength(roll.length_m, units)}
        </strong>
        {` · ${counted(roll.cuts.length, "piece")}`}
      </Typography>
      <Box aria-hidden sx={{ display: "flex", height: 16, my: 0.5, border: 1, borderColor: "divider" }}>
        {roll.cuts.map((cut, i) => (
          <Box
            key={i}
            sx={(theme) => ({
              width: `${(cut.length_m / roll.length_m) * 100}%`,
              bgcolor: i % 2 === 0 ? theme.palette.tokens.lichen : theme.palette.tokens.frost,
              borderRight: `1px solid ${theme.palette.background.paper}`,
            })}
          />
        ))}
      </Box>
      <Typography variant="body2" sx={{ fontVariantNumeric: "tabular-nums" }}>
        {byUse(roll.cuts).map(({ use, lengths }, i) => (
          <span key={i}>
            {i > 0 ? "; " : ""}
            {use}: {lengths.map((long) => length(long, units)).join(" · ")}
          </span>
        ))}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {roll.left_m < 0.005
          ? "Nothing is left."
          : `${length(roll.left_m, units)} left: ${roll.back ? "back to stock" : "too short to keep"}.`}
      </Typography>
    </Box>
  );
}
