import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import { mass, percent } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";
import { useBuild } from "./useBuild";

/** Builds the outline wanted from what is on hand, in one press; undo takes it back. */
export function Build({ bench, piece, plan }: Pick<StepProps, "bench" | "piece" | "plan">) {
  const units = useUnits();
  const { build, built, problem, busy } = useBuild(piece.id, bench);
  return (
    <Box className="whole-row" sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <Button variant="outlined" disabled={!plan.chosen || busy} onClick={() => void build()}>
        Build this outline from what I have
      </Button>
      <Typography variant="body2" role="status">
        {built &&
          `${percent(built.fullness)} of the outline, ${mass(built.kg, units)}${built.most_kg === null ? "" : ` of ${mass(built.most_kg, units)} the anchors may carry`}.`}
      </Typography>
      {built && built.wishes.length > 0 && (
        <Typography variant="body2" color="textSecondary" sx={{ flexBasis: "100%" }}>
          {built.wishes.join(" ")}
        </Typography>
      )}
      <ProblemAlert problem={problem} />
    </Box>
  );
}
