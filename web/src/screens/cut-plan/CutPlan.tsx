import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link as RouterLink, useParams } from "react-router";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys, useMe, useStyles } from "../../api/queries";
import { WorkingDrawer } from "../../bench/WorkingDrawer";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { cutLength, length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { RollRow } from "./RollRow";

type Ribbon = Schemas["CutRibbon"];
/** Lengths typed with blanks or semicolons between them, in metres. */
function readRolls(text: string): number[] {
  return text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((part) => Number(part.replace(",", ".").replace(/m$/, "")));
}

function RibbonCuts({
  ribbon,
  onRolls,
  onCut,
}: {
  ribbon: Ribbon;
  onRolls: (rolls: number[]) => void;
  onCut: () => void;
}) {
  const units = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  const [working, setWorking] = useState(false);
  const text = typed ?? ribbon.part_rolls_m.map((roll) => Number(roll.toFixed(2))).join("  ");
  const wrong = readRolls(text).some((roll) => !(roll > 0));
  const over = ribbon.new_rolls - ribbon.lower_bound;
  return (
    <Box component="section" aria-label={ribbon.name} sx={{ mb: 4, breakInside: "avoid" }}>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "baseline", flexWrap: "wrap" }}>
        <Typography variant="h2">{ribbon.name}</Typography>
        <Typography variant="body2" color="textSecondary">
          {ribbon.pieces} pieces, {cutLength(ribbon.length_m, units)}
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
            {ribbon.new_rolls === 0
              ? "stock is enough"
              : `of ${cutLength(ribbon.roll_m, units)}; ${over === 0 ? "fewer cannot do" : `at least ${ribbon.lower_bound} are needed`}`}
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
        <TextField
          className="not-on-paper"
          label="Rolls at hand, m"
          value={text}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => typed !== null && !wrong && onRolls(readRolls(typed))}
          onKeyDown={(event) => event.key === "Enter" && typed !== null && !wrong && onRolls(readRolls(typed))}
          error={wrong}
          helperText={
            wrong ? "Type lengths in metres with blanks between, such as 4.2 1.5." : "As measured, blanks between"
          }
          sx={{ width: 240 }}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {ribbon.style && (
          <Button className="not-on-paper" variant="outlined" onClick={onCut}>
            It is cut: keep the ends
          </Button>
        )}
      </Box>
      <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0 }}>
        {ribbon.rolls.map((roll, i) => (
          <RollRow key={i} roll={roll} number={i + 1} />
        ))}
      </Box>
      <WorkingDrawer sheet={working ? ribbon.sheet : undefined} onClose={() => setWorking(false)} />
    </Box>
  );
}

function useCutPlan(pieceId: string) {
  const [rolls, setRolls] = useState<Record<string, number[]>>({});
  const path = { params: { path: { id: pieceId } } };
  const plan = useQuery({
    queryKey: [...keys.cutPlan(pieceId), rolls],
    queryFn: () => ask(client.POST("/api/pieces/{id}/cut-plan", { ...path, body: { part_rolls_m: rolls } })),
    placeholderData: (before) => before,
    staleTime: 0,
  });
  return {
    plan,
    setRolls: (style: string, lengths: number[]) => setRolls((now) => ({ ...now, [style]: lengths })),
    forget: () => setRolls({}),
  };
}

/** What to cut of each ribbon of a tree, from which roll and in which order. */
export function CutPlan() {
  const { pieceId = "" } = useParams();
  const { plan, setRolls, forget } = useCutPlan(pieceId);
  const styles = useStyles().data;
  const year = useMe().data?.today.slice(0, 4) ?? "";
  const cache = useQueryClient();
  const { say } = useUndo();
  const [problem, setProblem] = useState<Problem | null>(null);

  async function keepEnds(ribbon: Ribbon, left: number) {
    const style = styles?.find((known) => known.id === ribbon.style);
    if (!style) return;
    try {
      const before = style.on_hand;
      const kept = await ask(
        client.POST("/api/pieces/{id}/cut-plan/ends", {
          params: { path: { id: pieceId } },
          body: { style: style.id, version: style.version, left_m: Number(left.toFixed(2)) },
        }),
      );
      forget();
      setProblem(null);
      await cache.invalidateQueries();
      say(`${Number(left.toFixed(2))} m of ${style.name} are in stock again.`, async () => {
        await ask(
          client.POST("/api/pieces/{id}/cut-plan/ends", {
            params: { path: { id: pieceId } },
            body: { style: style.id, version: kept.version, left_m: before },
          }),
        );
        await cache.invalidateQueries();
      });
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  if (plan.isPending) return <Loading what="the cut plan" />;
  if (plan.isError && !plan.data) return <Failed error={plan.error} retry={() => void plan.refetch()} />;
  const { piece, ribbons } = plan.data;
  return (
    <>
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
          <ProblemAlert problem={problem ?? (plan.isError ? asProblem(plan.error) : null)} />
          {ribbons.length === 0 ? (
            <Notice title="No ribbon on this tree">Choose how ribbon goes on at the bench, and the cuts follow.</Notice>
          ) : (
            ribbons.map((ribbon) => (
              <RibbonCuts
                key={`${ribbon.style} ${ribbon.part_rolls_m.join(" ")}`}
                ribbon={ribbon}
                onRolls={(lengths) => ribbon.style && setRolls(ribbon.style, lengths)}
                onCut={() => void keepEnds(ribbon, ribbon.back_m)}
              />
            ))
          )}
          <Typography variant="body2" color="textSecondary">
            Cut and lay out before fixing anything. In each roll the longest piece comes first.
          </Typography>
        </Box>
      </Box>
    </>
  );
}
