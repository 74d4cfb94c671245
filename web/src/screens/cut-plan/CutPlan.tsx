import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink, useParams } from "react-router";
import type { Problem } from "../../api/client";
import { useSeasonYear } from "../../api/queries";
import { WorkingDrawer } from "../../bench/WorkingDrawer";
import { Done } from "../../parts/Done";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { InTurn } from "../../parts/InTurn";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { Strip } from "../../shell/Strip";
import { counted, cutLength, length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { RollRow } from "./RollRow";
import { RollsField } from "./RollsField";
import { useCutPlan, type Ribbon } from "./useCutPlan";

function newRollsNote(ribbon: Ribbon, units: Units): string {
  if (ribbon.new_rolls === 0) return "stock is enough";
  const over = ribbon.new_rolls - ribbon.lower_bound;
  const bound = over === 0 ? "fewer cannot do" : `at least ${ribbon.lower_bound} are needed`;
  return `of ${cutLength(ribbon.roll_m, units)}; ${bound}`;
}

/** Since it was cut the tree may have come to take more or less of it. */
function changedSince(ribbon: Ribbon, units: Units): string | null {
  if (!ribbon.act || Math.abs(ribbon.needs_m - ribbon.length_m) < 0.005) return null;
  return `The tree takes ${cutLength(ribbon.needs_m, units)} now, ${cutLength(ribbon.length_m, units)} were cut. Take it back to plan anew.`;
}

/** What is wrong with a roll of a ribbon: said at its field. */
function wrongRoll(problem: Problem | null, ribbon: Ribbon): string | undefined {
  return problem?.details.errors?.find(({ pointer }) => pointer.startsWith(`/part_rolls_m/${ribbon.style}/`))?.message;
}

interface CutsProps {
  ribbon: Ribbon;
  onRolls: (rolls: number[]) => void;
  onCut: () => void;
  wrongRoll?: string | undefined;
}

function RibbonCuts({ ribbon, onRolls, onCut, wrongRoll }: CutsProps) {
  const units = useUnits();
  const [working, setWorking] = useState(false);
  const changed = changedSince(ribbon, units);
  return (
    <Box component="section" aria-label={ribbon.name} sx={{ mb: 4, breakInside: "avoid" }}>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "baseline", flexWrap: "wrap" }}>
        <Typography variant="h2">{ribbon.name}</Typography>
        <Typography variant="body2" color="textSecondary">
          {counted(ribbon.pieces, "piece")}, {cutLength(ribbon.length_m, units)}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", gap: 4, my: 1.5, flexWrap: "wrap", alignItems: "flex-start" }}>
        <Box>
          <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary" }}>
            New rolls
          </Typography>
          <Button
            color="inherit"
            onClick={() => setWorking(true)}
            aria-label={`New rolls: ${ribbon.new_rolls}. Open the working`}
            sx={{
              p: 0,
              minWidth: 0,
              fontSize: "1.65rem",
              fontWeight: 600,
              lineHeight: 1.2,
              borderBottom: "1px dotted",
              borderRadius: 0,
            }}
          >
            {ribbon.new_rolls}
          </Button>
          <Typography variant="body2" color="textSecondary">
            {newRollsNote(ribbon, units)}
          </Typography>
        </Box>
        <Box>
          <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary" }}>
            Back to stock
          </Typography>
          <Typography sx={{ fontSize: "1.65rem", fontWeight: 600, lineHeight: 1.2 }}>
            {cutLength(ribbon.back_m, units)}
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {length(ribbon.useless_m, units)} too short to keep
          </Typography>
        </Box>
        {!ribbon.act && <RollsField rolls={ribbon.part_rolls_m} onChange={onRolls} error={wrongRoll} />}
        {ribbon.style && !ribbon.act && (
          <Button className="not-on-paper" variant="outlined" onClick={onCut}>
            It is cut: keep the ends
          </Button>
        )}
      </Box>
      {ribbon.act && <Done act={ribbon.act} />}
      {changed && (
        <Typography variant="body2" color="error" role="status" sx={{ mb: 1 }}>
          {changed}
        </Typography>
      )}
      <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0 }}>
        {ribbon.rolls.map((roll, i) => (
          <RollRow key={i} roll={roll} number={i + 1} />
        ))}
      </Box>
      <WorkingDrawer open={working} sheet={ribbon.sheet} onClose={() => setWorking(false)} />
    </Box>
  );
}

/** What to cut of each ribbon of a tree, from which roll and in which order. */
export function CutPlan() {
  const { pieceId = "" } = useParams();
  const { plan, problem, setRolls, cut } = useCutPlan(pieceId);
  const year = useSeasonYear();
  if (plan.isPending) return <Loading what="the cut plan" />;
  if (plan.isError && !plan.data) return <Failed error={plan.error} retry={() => void plan.refetch()} />;
  const { piece, ribbons } = plan.data;
  return (
    <Gently what="the cut plan">
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: piece.home.name, to: `/homes/${piece.home.id}` },
          { label: piece.name, to: `/pieces/${piece.id}` },
          { label: "Cut plan" },
        ]}
      >
        <Button size="small" onClick={() => window.print()}>
          Print
        </Button>
        <Button size="small" component={RouterLink} to={`/pieces/${piece.id}`}>
          To the bench
        </Button>
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", p: 3, "@media print": { "& .not-on-paper": { display: "none" } } }}>
        <Box sx={{ maxWidth: 880 }}>
          <InTurn>
            <ProblemAlert problem={ribbons.some((ribbon) => wrongRoll(problem, ribbon)) ? null : problem} />
            {ribbons.length === 0 ? (
              <Notice title="No ribbon on this tree">
                Choose how ribbon goes on at the bench, and the cuts follow.
              </Notice>
            ) : (
              ribbons.map((ribbon) => (
                <RibbonCuts
                  key={`${ribbon.style} ${ribbon.part_rolls_m.join(" ")} ${ribbon.act?.id ?? ""}`}
                  ribbon={ribbon}
                  onRolls={(lengths) => ribbon.style && setRolls(ribbon.style, lengths)}
                  onCut={() => void cut(ribbon)}
                  wrongRoll={wrongRoll(problem, ribbon)}
                />
              ))
            )}
            <Typography variant="body2" color="textSecondary">
              Cut and lay out before fixing anything. In each roll the longest piece comes first.
            </Typography>
          </InTurn>
        </Box>
      </Box>
    </Gently>
  );
}
