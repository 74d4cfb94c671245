import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { ask, client } from "../../api/client";
import { keys, queryClient, useMe } from "../../api/queries";
import { Tick } from "../../parts/Tick";
import { minutes, weekday } from "../../units/format";
import { clockOf, stepName, type Span, type Step, type Worker } from "./dayLayout";
import { MoveStep } from "./MoveStep";
import type { Moves } from "./useMoves";

/** What is left out first where there is no time for all. */
async function beOptional(id: string, optional: boolean) {
  await ask(client.PUT("/api/pieces/{id}/optional", { params: { path: { id } }, body: { optional } }));
  await queryClient.invalidateQueries({ queryKey: keys.days });
}

/** The step that is looked at: how long, by whom, how much later it could be. */
export function ChosenStep({
  span,
  step,
  workers,
  moves,
}: {
  span: Span;
  step: Step;
  workers: Worker[];
  moves: Moves;
}) {
  const piece = span.pieces.find(({ id }) => id === step.piece);
  const home = span.homes.find(({ id }) => id === step.home);
  const room = home?.rooms.find(({ id }) => id === step.room);
  const names = workers.filter(({ id }) => step.workers.includes(id)).map(({ name }) => name);
  const before = step.after.flatMap(({ id, wait_min }) => {
    const one = span.steps.find((other) => other.id === id);
    if (!one) return [];
    const of =
      one.piece === step.piece ? "" : ` of ${span.pieces.find((other) => other.id === one.piece)?.name ?? "the room"}`;
    return [`${stepName(one).toLowerCase()}${of}${wait_min > 0 ? `, and ${minutes(wait_min)} more` : ""}`];
  });
  const today = useMe().data?.today ?? "";
  const decides = span.chain.includes(step.id);
  return (
    <Box component="section" aria-label="Chosen step" sx={{ mt: 3 }}>
      <Typography variant="h2">{stepName(step)}</Typography>
      <Typography color="textSecondary" gutterBottom>
        {[piece?.name, room?.name, home?.name].filter(Boolean).join(", ")}
      </Typography>
      {step.from_min !== null && step.to_min !== null && (
        <Box sx={{ display: "flex", gap: 3, mb: 1 }}>
          <Box>
            <Typography sx={{ fontSize: "1.3rem", fontWeight: 700, lineHeight: 1.2 }}>
              {minutes(step.to_min - step.from_min)}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {clockOf(step.from_min)} to {clockOf(step.to_min)}
            </Typography>
          </Box>
          <Box>
            <Typography sx={{ fontSize: "1.3rem", fontWeight: 700, lineHeight: 1.2 }}>
              {step.slack_min ? minutes(step.slack_min) : "none"}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              to spare
            </Typography>
          </Box>
        </Box>
      )}
      {step.worked.map(({ by, from_min, to_min }) => (
        <Typography key={`${by} ${from_min}`}>
          {step.done ? "Done" : "Begun"}
          {by && ` by ${by}`}, {clockOf(from_min)} to {clockOf(to_min)}
        </Typography>
      ))}
      {names.length > 0 && <Typography>{names.join(" and ")}</Typography>}
      {step.why && <Typography color="error">Finds no place: {step.why}.</Typography>}
      {decides && <Typography color="secondary">It is one of those that decide the end.</Typography>}
      {step.waits_for && <Typography>It waits for {step.waits_for}.</Typography>}
      {step.comes && (
        <Typography>
          {step.comes.label} {step.comes.on < today ? "was to come" : "comes"} {weekday(step.comes.on)}.
        </Typography>
      )}
      {before.length > 0 && <Typography variant="body2">After {before.join("; ")}.</Typography>}
      {step.high && (
        <Typography variant="body2">
          {step.needs > 1
            ? "From a ladder: one works, one holds it."
            : "The top of it is done from a ladder: somebody holds it meanwhile."}
        </Typography>
      )}
      {piece && (
        <Tick
          label={`${piece.name} is optional`}
          checked={piece.state === "optional" || step.optional}
          onChange={(optional) => void beOptional(piece.id, optional)}
        />
      )}
      {!step.done && <MoveStep key={step.id} span={span} step={step} workers={workers} moves={moves} />}
    </Box>
  );
}
