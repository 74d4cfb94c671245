import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import { mass, percent } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { useStart } from "../advice";
import { Makings } from "./Makings";
import type { StepProps } from "./StepDials";

/** The outline built from what is free, in one press; and the ways of making it side by side. */
export function Start({ bench, piece, plan }: Pick<StepProps, "bench" | "piece" | "plan">) {
  const units = useUnits();
  const { build, built, problem, busy } = useStart(piece.id, bench);
  const [beside, setBeside] = useState(false);
  return (
    <Box className="whole-row" sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <Button variant="outlined" disabled={!plan.chosen || busy} onClick={() => void build()}>
        Build this outline from what I have
      </Button>
      <Button variant="outlined" disabled={!plan.chosen} onClick={() => setBeside(true)}>
        Make or buy
      </Button>
      <Typography variant="body2" role="status">
        {built &&
          `${percent(built.fullness)} of the outline, ${mass(built.kg, units)}${built.most_kg === null ? "" : ` of ${mass(built.most_kg, units)} that what holds it may carry`}.`}
      </Typography>
      {built && built.wishes.length > 0 && (
        <Typography variant="body2" color="textSecondary" sx={{ flexBasis: "100%" }}>
          {built.wishes.join(" ")}
        </Typography>
      )}
      <ProblemAlert problem={problem} />
      {beside && <Makings bench={bench} piece={piece} onClose={() => setBeside(false)} />}
    </Box>
  );
}
