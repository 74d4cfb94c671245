import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem } from "../../api/client";
import { useMe } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { counted, date } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { unitOf, valueOf, type Decision } from "./lessonWords";
import { takeBack } from "./useLessons";

/** What was made of what the log proposed, the latest first. */
export function Decisions({ decisions }: { decisions: Decision[] }) {
  const units = useUnits();
  const owner = useMe().data?.account.role === "owner";
  const [busy, setBusy] = useState<string | null>(null);
  const { say } = useUndo();
  if (decisions.length === 0) return null;

  async function back({ key, title, was, unit }: Decision) {
    setBusy(key);
    try {
      await takeBack(key);
      say(`${title}: ${valueOf(was, { unit }, units)} ${unitOf({ unit }, units)} again.`);
    } catch (error) {
      say(asProblem(error).message);
    }
    setBusy(null);
  }

  return (
    <Box component="section" aria-label="Decided before" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>
        Decided before
      </Typography>
      {decisions.map((one) => (
        <Box key={one.key} sx={{ py: 1, borderTop: 1, borderColor: "divider" }}>
          <Typography sx={{ fontWeight: 600 }}>{one.title}</Typography>
          <Typography variant="body2">
            {one.accepted
              ? `${valueOf(one.was, one, units)} → ${valueOf(one.becomes, one, units)} ${unitOf(one, units)}`
              : `${valueOf(one.was, one, units)} ${unitOf(one, units)}, left as it was`}
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {[date(one.decided_on), `from ${counted(one.jobs, "job")}`, one.by].filter(Boolean).join(" · ")}
          </Typography>
          {one.taken_back_on && (
            <Typography variant="body2" color="textSecondary">
              taken back {date(one.taken_back_on)}
              {one.taken_back_why ? `: “${one.taken_back_why}”` : ""}
            </Typography>
          )}
          {one.accepted && !one.taken_back_on && owner && (
            <Button
              size="small"
              disabled={busy === one.key}
              onClick={() => void back(one)}
              aria-label={`Take back: ${one.title}`}
              sx={{ ml: -0.75 }}
            >
              Take it back
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}
