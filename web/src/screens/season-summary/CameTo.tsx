import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { date, minutes, money } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { unitOf, valueOf } from "../lessons/lessonWords";
import { SORTS } from "../visit-log/remarkWords";
import { Line, LineLink, Lines } from "./Lines";

type Summary = Schemas["SeasonSummary"];

function against({ planned, took }: Schemas["SeasonMinutes"]): string {
  return took === 0 ? "no minutes in the log" : `${minutes(took)} of ${minutes(planned)} planned`;
}

/** What went: "3 broken, 1 lost". */
function went({ broken, lost }: Summary["gone"][number]): string {
  return [broken > 0 ? `${broken} broken` : "", lost > 0 ? `${lost} lost` : ""].filter(Boolean).join(", ");
}

/** What no worth tells of. */
function unpriced(kinds: number): string {
  return kinds === 1
    ? "One kind of thing that is used has no price and counts for nothing here."
    : `${kinds} kinds of things that are used have no price and count for nothing here.`;
}

/** The figures of a season, as they are now or as they were kept. */
export function CameTo({ told, beside, below }: { told: Summary; beside?: ReactNode; below?: ReactNode }) {
  const currency = useCurrency();
  return (
    <Box
      sx={{
        flex: 1,
        minHeight: 0,
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 360px" },
        overflow: { xs: "auto", md: "hidden" },
      }}
    >
      <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, md: 3 } }}>
        <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 5, rowGap: 2, mb: 3 }}>
          <Figure says="spent" figure={money(told.bought_cents, currency)} />
          <Figure says="worth used from stock" figure={money(told.stock_cents, currency)} />
          {told.minutes.took > 0 && (
            <Figure says={`of ${minutes(told.minutes.planned)} planned`} figure={minutes(told.minutes.took)} />
          )}
        </Box>
        <Lines title="Home by home" empty={told.homes.length === 0 && "No home was dressed this season."}>
          {told.homes.map((home) => (
            <Line
              key={home.id}
              what={<LineLink to={`/homes/${home.id}/season-end`}>{home.name}</LineLink>}
              under={[
                against(home),
                `${money(home.stock_cents, currency)} from stock`,
                home.pending > 0 ? "still being reckoned" : "",
              ]
                .filter(Boolean)
                .join(" · ")}
              much={`${money(home.bought_cents, currency)}${home.planned_cents === null ? "" : ` of ${money(home.planned_cents, currency)}`}`}
            />
          ))}
        </Lines>
        <Lines title="What it taught" empty={told.lessons.length === 0 && "Nothing is noted of it yet."}>
          {told.lessons.map((lesson, i) => (
            <Lesson key={i} lesson={lesson} />
          ))}
        </Lines>
        <Lines title="The same base, and what was this year’s">
          <Line what="What stays for years" much={money(told.base_cents, currency)} />
          <Line
            what="This year’s"
            under={told.change.join(", ") || "Nothing is marked as this year’s."}
            much={money(told.change_cents, currency)}
          />
          {told.unmarked_cents > 0 && <Line what="Marked as neither" much={money(told.unmarked_cents, currency)} />}
        </Lines>
        {told.unpriced ? (
          <Typography variant="body2" color="textSecondary" sx={{ mt: -2, mb: 3 }}>
            {unpriced(told.unpriced)}
          </Typography>
        ) : null}
        {below}
      </Box>
      <Box
        component="aside"
        aria-label="Still open"
        sx={{ p: { xs: 2, md: 3 }, overflow: { md: "auto" }, borderLeft: { md: 1 }, borderColor: { md: "divider" } }}
      >
        {beside}
        <StillOut open={told.open} />
        <Lines title="Broken and lost" empty={told.gone.length === 0 && "Nothing is written down as broken or lost."}>
          {told.gone.map((one) => (
            <Line
              key={one.style}
              what={one.name}
              under={went(one)}
              much={one.cents === null ? "" : money(one.cents, currency)}
            />
          ))}
        </Lines>
      </Box>
    </Box>
  );
}

function Figure({ figure, says }: { figure: string; says: string }) {
  return (
    <Box>
      <Typography sx={{ fontSize: "2.25rem", fontWeight: 700, lineHeight: 1.2, fontVariantNumeric: "tabular-nums" }}>
        {figure}
      </Typography>
      <Typography color="textSecondary">{says}</Typography>
    </Box>
  );
}

function Lesson({ lesson }: { lesson: Summary["lessons"][number] }) {
  const units = useUnits();
  if (lesson.kind === "rule") {
    const rule = { unit: lesson.unit ?? "" };
    return (
      <Line
        what={lesson.title}
        under="taken on from the log"
        much={`${valueOf(lesson.was ?? 0, rule, units)} → ${valueOf(lesson.becomes ?? 0, rule, units)} ${unitOf(rule, units)}`}
      />
    );
  }
  return (
    <Line
      what={
        <>
          <strong>{lesson.sort ? SORTS[lesson.sort] : ""}</strong> {lesson.says}
        </>
      }
      under={[lesson.piece_name, lesson.home_name].filter(Boolean).join(", ")}
    />
  );
}

/** What the season cannot be closed over. */
function StillOut({ open: { standing, lent, on_trial } }: { open: Summary["open"] }) {
  const nothing = standing.length + lent.length + on_trial.length === 0;
  return (
    <Lines title="Still open" empty={nothing && "Nothing stands, is lent or may go back."}>
      {standing.map(({ id, name, strike_on }) => (
        <Line
          key={id}
          what={<LineLink to={`/homes/${id}/season-end`}>{name}</LineLink>}
          under={strike_on ? `stands until ${date(strike_on)}` : "has no day to be taken down"}
        />
      ))}
      {lent.map(({ style, name, whom, quantity }) => (
        <Line key={`${style} ${whom}`} what={name} under={whom ? `lent to ${whom}` : "lent"} much={String(quantity)} />
      ))}
      {on_trial.map(({ id, name, decide_by }) => (
        <Line key={id} what={name} under={decide_by ? `may go back until ${date(decide_by)}` : "may go back"} />
      ))}
    </Lines>
  );
}
