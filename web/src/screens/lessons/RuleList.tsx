import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useUnits } from "../../units/useUnits";
import { DotStrip } from "./DotStrip";
import { stateOf, unitOf, valueOf, type Lesson } from "./lessonWords";

interface Props {
  lessons: Lesson[];
  least: number;
  /** How many rules have no job yet. */
  without: number;
  chosen: string;
  onChoose: (key: string) => void;
}

/** Rules that have jobs, each with its jobs as dots; on a phone one is chosen from a list. */
export function RuleList({ lessons, least, without, chosen, onChoose }: Props) {
  const units = useUnits();
  return (
    <Box component="nav" aria-label="House rules with jobs" sx={{ overflow: { md: "auto" } }}>
      <Box sx={{ display: { xs: "none", md: "block" } }}>
        <Box sx={{ p: 2, pb: 1.25 }}>
          <Typography variant="h2">Minutes and counts</Typography>
          <Typography variant="body2" color="textSecondary">
            dot: a job · thin: the book · thick: the middle
          </Typography>
        </Box>
        {lessons.map((lesson) => {
          const told = lesson.state === "suggests";
          return (
            <ButtonBase
              key={lesson.key}
              onClick={() => onChoose(lesson.key)}
              aria-current={lesson.key === chosen ? "true" : undefined}
              sx={({ palette }) => ({
                display: "block",
                width: "100%",
                textAlign: "left",
                px: 2,
                py: 1,
                borderTop: `1px solid ${palette.divider}`,
                ...(lesson.key === chosen && {
                  bgcolor: "background.paper",
                  boxShadow: `inset 4px 0 ${palette.tokens.plum}`,
                }),
              })}
            >
              <Box sx={{ display: "flex", justifyContent: "space-between", gap: 1 }}>
                <Typography component="span" sx={{ fontWeight: 600 }}>
                  {lesson.title}
                </Typography>
                <Typography component="span" sx={{ whiteSpace: "nowrap" }}>
                  {valueOf(lesson.value, lesson, units)}
                </Typography>
              </Box>
              <Box sx={{ display: "flex", justifyContent: "space-between", alignItems: "center", gap: 1 }}>
                <DotStrip lesson={lesson} />
                <Typography
                  component="span"
                  variant="body2"
                  sx={{
                    whiteSpace: "nowrap",
                    color: told ? "secondary.main" : "text.secondary",
                    fontWeight: told ? 600 : 400,
                  }}
                >
                  {stateOf(lesson, least, units)}
                </Typography>
              </Box>
            </ButtonBase>
          );
        })}
        <Typography
          variant="body2"
          color="textSecondary"
          sx={{ p: 2, borderTop: 1, borderColor: "divider", display: without > 0 ? "block" : "none" }}
        >
          {without} more have no job yet.
        </Typography>
      </Box>
      <Box sx={{ display: { xs: "block", md: "none" }, p: 2, pb: 0 }}>
        <TextField
          select
          fullWidth
          label="House rule"
          value={chosen}
          onChange={(event) => onChoose(event.target.value)}
          slotProps={{ select: { native: true } }}
        >
          {lessons.map((lesson) => (
            <option key={lesson.key} value={lesson.key}>
              {`${lesson.title}, ${valueOf(lesson.value, lesson, units)} ${unitOf(lesson, units)}: ${stateOf(lesson, least, units)}`}
            </option>
          ))}
        </TextField>
      </Box>
    </Box>
  );
}
