import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import { useHints } from "../../../api/queries";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import type { StepProps } from "./StepDials";

/** By which pattern they hang, how evenly that came out, and the way to the hanging map. */
export function Spread({ bench, plan, piece }: StepProps) {
  const { ornaments } = bench.draft.settings;
  const hint = useHints();
  return (
    <>
      <ChoiceDial
        label="Pattern"
        value={ornaments.pattern}
        onChange={(pattern) => bench.dial("ornaments", { pattern })}
        choices={{ scatter: "even scatter", diamond: "diamonds", twos: "in twos", threes: "in threes" }}
      />
      <FigureValue label="Evenness" figure={plan.figures.evenness} note="1 is chance, 2.15 a honeycomb" />
      <FigureValue label="Largest gap" figure={plan.figures.largest_gap} note={hint("tree/ornaments/pattern")} />
      <Button size="small" variant="outlined" onClick={() => bench.dial("ornaments", { seed: ornaments.seed + 1 })}>
        Spread another way
      </Button>
      <Button size="small" variant="contained" component={RouterLink} to={`/pieces/${piece.id}/map`}>
        Open the hanging map
      </Button>
      <Typography variant="body2" color="textSecondary" className="whole-row">
        Point at an ornament in the drawing to see what it is and where it hangs.
      </Typography>
    </>
  );
}
