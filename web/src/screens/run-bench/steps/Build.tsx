import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import { kilograms, percent } from "../../../units/format";
import type { StepProps } from "./StepDials";
import { useBuild } from "./useBuild";

/** Builds the outline wanted from what is on hand, in one press; undo takes it back. */
export function Build({ bench, piece, plan }: Pick<StepProps, "bench" | "piece" | "plan">) {
  const { build, built, problem, busy } = useBuild(piece.id, bench);
  return (
    <Box className="whole-row" sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <Button variant="outlined" disabled={!plan.chosen || busy} onClick={() => void build()}>
        Build this outline from what I have
      </Button>
      <Typography variant="body2" role="status">
        {built &&
          `${percent(built.fullness)} of the outline, ${kilograms(built.kg)} kg${built.most_kg === null ? "" : ` of ${kilograms(built.most_kg)} the anchors may carry`}.`}
      </Typography>
      <ProblemAlert problem={problem} />
    </Box>
  );
}
