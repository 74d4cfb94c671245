import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import { asProblem } from "../../api/client";
import { Loading } from "../../parts/Loading";
import { counted, weekday } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { clockOf } from "../days/dayLayout";
import { took, type LessonOfJobs } from "./lessonWords";
import { useChanges } from "./useLessons";

type Change = NonNullable<ReturnType<typeof useChanges>["data"]>["items"][number];

/** When the day ends now, and then where that is another time. */
function ends({ on, ends_now, ends_then }: Change): string {
  if (on === null || ends_now === null) return "has no day yet";
  const now = `${weekday(on)} · ends ${clockOf(ends_now)}`;
  return ends_then === null || ends_then === ends_now ? now : `${now} → ${clockOf(ends_then)}`;
}

function signed(amount: number, lesson: LessonOfJobs, units: Parameters<typeof took>[2]): string {
  return `${amount < 0 ? "−" : "+"} ${took(Math.abs(amount), lesson, units)}`;
}

/** Which coming plans would change by how much, and when their days would end. */
export function WhatChanges({ lesson }: { lesson: LessonOfJobs }) {
  const changes = useChanges(lesson);
  const units = useUnits();
  const { tokens } = useTheme().palette;
  if (lesson.state !== "suggests") return null;
  const items = changes.data?.items ?? [];
  const most = Math.max(...items.map(({ now, would_be }) => Math.max(now, would_be)), 0.1);
  return (
    <Box component="section" aria-label="What it would change" sx={{ mt: 2 }}>
      <Typography variant="h2">What it would change</Typography>
      <Typography variant="body2" color="textSecondary" gutterBottom>
        Plans of which nothing is done yet: now, and by {lesson.quantity === "minutes" ? "the minutes" : "the figure"}{" "}
        proposed.
      </Typography>
      {changes.isPending && <Loading what="the coming plans" />}
      {changes.error && <Typography color="error">{asProblem(changes.error).message}</Typography>}
      {items.map((one) => (
        <Box
          key={`${one.piece ?? one.room} ${one.name}`}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", sm: "minmax(0, 5fr) minmax(0, 7fr)" },
            columnGap: 2,
            alignItems: "center",
            py: 0.75,
            borderTop: 1,
            borderColor: "divider",
          }}
        >
          <Box sx={{ minWidth: 0 }}>
            <Typography sx={{ fontWeight: 600 }} noWrap>
              {one.name}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {ends(one)}
            </Typography>
          </Box>
          <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
            <svg width="52%" height={18} aria-hidden>
              <rect
                width={`${(Math.min(one.now, one.would_be) / most) * 100}%`}
                height={18}
                rx={2}
                fill={tokens.lichen}
              />
              <rect
                x={`${(Math.min(one.now, one.would_be) / most) * 100}%`}
                width={`${(Math.abs(one.by) / most) * 100}%`}
                height={18}
                fill={tokens.plum}
                fillOpacity={one.by > 0 ? 0.75 : 0.2}
              />
            </svg>
            <Typography variant="body2" sx={{ whiteSpace: "nowrap" }}>
              {took(one.now, lesson, units)}{" "}
              <Box component="strong" sx={{ color: "secondary.main" }}>
                {signed(one.by, lesson, units)}
              </Box>
            </Typography>
          </Box>
        </Box>
      ))}
      {changes.data && (
        <Typography sx={{ fontWeight: 600, py: 1, borderTop: 1, borderColor: "divider" }}>
          {items.length === 0
            ? "No plan that is still to be begun has such work."
            : `Every plan not yet begun: ${signed(changes.data.sum, lesson, units)}`}
          {changes.data.more > 0 && ` · ${counted(changes.data.more, "plan")} more not looked at`}
        </Typography>
      )}
    </Box>
  );
}
