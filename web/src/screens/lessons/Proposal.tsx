import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem } from "../../api/client";
import { useMe } from "../../api/queries";
import { WorkingDrawer } from "../../bench/WorkingDrawer";
import { useUndo } from "../../parts/undo";
import { counted, percent } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { times, unitOf, valueOf, type LessonOfJobs } from "./lessonWords";
import { decide, takeBack } from "./useLessons";

/** What the jobs come to, in words. */
function says(lesson: LessonOfJobs, least: number): string {
  const { count, factor, spread, above, below, state } = lesson;
  if (state === "few")
    return `Nothing is proposed before there are ${least} jobs. There ${count === 1 ? "is" : "are"} ${count}.`;
  const middle = `The middle of ${count} jobs is ${times(factor ?? 1)} × the book, and they lie ± ${times(spread ?? 0)} around it.`;
  const slower = above >= below;
  const sides = `${slower ? above : below} of ${count} took ${slower ? "more" : "less"} than the book says`;
  switch (state) {
    case "as_it_is":
      return `${middle} That is within what a day brings.`;
    case "too_wide":
      return `${middle} That is too wide to say anything.`;
    case "chance":
      return `${middle} ${sides}; jobs that only scatter do so in ${percent(lesson.chance)} of cases. More jobs will tell.`;
    default:
      return `${middle} ${sides}, which chance alone does in ${percent(lesson.chance)} of cases.`;
  }
}

/** What was reckoned away before anything was compared. */
function takenOut({ taken_out: { pace, ladder, solved } }: LessonOfJobs): string[] {
  return [
    pace > 0 ? `Of ${counted(pace, "job")} the pace of who did it is taken out.` : "",
    ladder > 0 ? `Of ${counted(ladder, "job")} the ladder is taken out.` : "",
    solved > 0
      ? `${counted(solved, "job")} ${solved === 1 ? "was" : "were"} timed together with other work, and shared out by what the other jobs say.`
      : "",
  ].filter(Boolean);
}

/** What the log proposes for one rule, to be accepted or left. */
export function Proposal({ lesson, least }: { lesson: LessonOfJobs; least: number }) {
  const units = useUnits();
  const owner = useMe().data?.account.role === "owner";
  const [busy, setBusy] = useState(false);
  const [opened, setOpened] = useState(false);
  const { say } = useUndo();
  const proposed = lesson.suggested;
  const unit = unitOf(lesson, units);

  async function settle(accepted: boolean) {
    setBusy(true);
    try {
      const made = await decide(lesson, accepted);
      const value = valueOf(accepted && proposed !== null ? proposed : lesson.value, lesson, units);
      say(`${lesson.title}: ${value} ${unit}${accepted ? " from now on" : ", as it was"}.`, () => takeBack(made));
    } catch (error) {
      say(asProblem(error).message);
    }
    setBusy(false);
  }

  const facts = takenOut(lesson);
  return (
    <Box component="section" aria-label="What the log says">
      <Typography variant="h2">{proposed === null ? "The log says" : "The log proposes"}</Typography>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.25, mt: 0.5 }}>
        <Typography sx={{ fontSize: "3rem", fontWeight: 700, lineHeight: 1.1, fontVariantNumeric: "tabular-nums" }}>
          {valueOf(proposed ?? lesson.value, lesson, units)}
        </Typography>
        <Typography>
          {unit},
          <br />
          {proposed === null ? "as the book has it" : `from ${counted(lesson.count, "job")}`}
        </Typography>
      </Box>
      <Typography sx={{ mt: 1 }}>{says(lesson, least)}</Typography>
      {lesson.sheet && (
        <Button size="small" onClick={() => setOpened(true)} sx={{ ml: -0.75, mt: 0.5 }}>
          How that was reckoned
        </Button>
      )}
      {proposed !== null &&
        (owner ? (
          <Box sx={{ display: "flex", gap: 1, mt: 1 }}>
            <Button variant="contained" disabled={busy} onClick={() => void settle(true)} sx={{ flex: 1 }}>
              Accept {valueOf(proposed, lesson, units)}
            </Button>
            <Button variant="outlined" disabled={busy} onClick={() => void settle(false)} sx={{ flex: 1 }}>
              Leave {valueOf(lesson.value, lesson, units)}
            </Button>
          </Box>
        ) : (
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
            An owner accepts or leaves it.
          </Typography>
        ))}
      {proposed !== null && owner && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.75 }}>
          It can be taken back at any time.
        </Typography>
      )}
      {facts.length > 0 && (
        <Box sx={{ mt: 2.5 }}>
          <Typography variant="h3">Before they were compared</Typography>
          {facts.map((fact) => (
            <Typography key={fact} variant="body2" sx={{ mt: 0.5 }}>
              {fact}
            </Typography>
          ))}
        </Box>
      )}
      <WorkingDrawer open={opened} sheet={lesson.sheet ?? undefined} onClose={() => setOpened(false)} />
    </Box>
  );
}
