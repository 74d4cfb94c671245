import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { ask, asProblem, client } from "../../api/client";
import { useSeasonYear } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { counted, date } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { Bough } from "./Bough";
import { Decisions } from "./Decisions";
import { JobDialog } from "./JobDialog";
import type { LogTime } from "./jobFields";
import { JobTable } from "./JobTable";
import { homesOf, unitOf, valueOf, type Job, type Lesson, type LessonOfJobs } from "./lessonWords";
import { Proposal } from "./Proposal";
import { RuleList } from "./RuleList";
import { lessonsAgain, useLesson, useLessons } from "./useLessons";
import { WhatChanges } from "./WhatChanges";

/** From when to when, and in how many homes. */
function whence({ jobs }: LessonOfJobs): string {
  if (jobs.length === 0) return "";
  const seasons = jobs.map(({ season }) => season);
  const [first, last] = [Math.min(...seasons), Math.max(...seasons)];
  const homes = counted(homesOf(jobs).length, "home");
  return `${counted(jobs.length, "job")} in ${homes}, ${first === last ? first : `${first} to ${last}`}.`;
}

/** Where the jobs are farthest from the book, among what is proposed where there is something. */
function plainest(lessons: Lesson[]): Lesson | undefined {
  const proposed = lessons.filter(({ state }) => state === "suggests");
  const far = ({ factor }: Lesson) => Math.abs(Math.log(factor ?? 1));
  return [...(proposed.length > 0 ? proposed : lessons)].sort((one, other) => far(other) - far(one))[0];
}

/** What was really done against what the book says: what each house rule would be by its jobs. */
export function Lessons() {
  const lessons = useLessons();
  const { rule: asked } = useParams();
  const items = lessons.data?.items ?? [];
  const key = asked ?? plainest(items)?.key;
  const lesson = useLesson(key);
  const navigate = useNavigate();
  const units = useUnits();
  const year = useSeasonYear();
  const [chosen, setChosen] = useState<string | null>(null);
  const [telling, setTelling] = useState<LogTime | "new" | null>(null);
  const { say } = useUndo();

  if (lessons.isPending) return <Loading what="what the log teaches" />;
  if (!lessons.data) return <Failed error={lessons.error} retry={() => void lessons.refetch()} />;
  const { rules, least_jobs: least, without, decisions } = lessons.data;
  const told = lesson.data;

  async function correct({ id }: Job) {
    try {
      setTelling(await ask(client.GET("/api/log-times/{id}", { params: { path: { id } } })));
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  async function remove({ id, piece_name, home_name, held_on }: Job) {
    const params = { path: { id } };
    try {
      await ask(client.DELETE("/api/log-times/{id}", { params }));
      await lessonsAgain();
      say(`${piece_name || home_name || "The job"}, ${date(held_on)}, was deleted.`, async () => {
        await ask(client.POST("/api/log-times/{id}/restore", { params, body: {} }));
        await lessonsAgain();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: "House rules", to: "/house-rules" },
          { label: "What the log teaches" },
        ]}
      >
        {lessons.data.pending && (
          <Typography role="status" variant="body2" color="textSecondary">
            Reading run sheets …
          </Typography>
        )}
        <Button component={Link} to="/ideas">
          Next year’s notes
        </Button>
        <Button variant="contained" startIcon={<Add />} onClick={() => setTelling("new")}>
          Add a job
        </Button>
      </Strip>
      {items.length === 0 && (
        <Box sx={{ p: 2 }}>
          <Notice title="No job is in the log yet">
            Tick a visit off on its run sheet, or add what a piece took by hand. From {least} jobs of one kind on the
            log says whether your minutes are right.
          </Notice>
          <Decisions decisions={decisions} />
        </Box>
      )}
      {items.length > 0 && (
        <Box
          sx={{
            flex: 1,
            minHeight: 0,
            display: "grid",
            gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "288px minmax(0, 1fr) 308px" },
            overflow: { xs: "auto", md: "hidden" },
          }}
        >
          <RuleList
            lessons={items}
            least={least}
            without={without}
            chosen={key ?? ""}
            onChoose={(next) => void navigate(`/house-rules/log/${next}`, { replace: true })}
          />
          <Box sx={{ overflow: { md: "auto" }, p: 2, borderLeft: { md: 1 }, borderColor: { md: "divider" } }}>
            {lesson.isPending && <Loading what="its jobs" />}
            {lesson.error && <Failed error={lesson.error} retry={() => void lesson.refetch()} />}
            {told && (
              <>
                <Typography variant="h2" sx={{ fontSize: "1.5rem" }}>
                  {told.title}
                </Typography>
                <Typography variant="body2" color="textSecondary" gutterBottom>
                  <strong>
                    {valueOf(told.value, told, units)} {unitOf(told, units)} in the book.
                  </strong>{" "}
                  {whence(told)}
                </Typography>
                {told.jobs.length > 0 ? (
                  <>
                    <Bough lesson={told} chosen={chosen} onChoose={setChosen} />
                    <WhatChanges lesson={told} />
                    <JobTable
                      lesson={told}
                      chosen={chosen}
                      onChoose={setChosen}
                      onCorrect={(job) => void correct(job)}
                      onDelete={(job) => void remove(job)}
                    />
                  </>
                ) : (
                  <Notice title="It has no job yet">Add what one took, or tick it off on a run sheet.</Notice>
                )}
              </>
            )}
          </Box>
          <Box
            component="aside"
            aria-label="What follows"
            sx={{
              overflow: { md: "auto" },
              p: 2,
              bgcolor: { md: "background.paper" },
              borderLeft: { md: 1 },
              borderColor: { md: "divider" },
            }}
          >
            {told && <Proposal key={told.key} lesson={told} least={least} />}
            <Decisions decisions={decisions} />
          </Box>
        </Box>
      )}
      {telling && key && (
        <JobDialog
          {...(telling === "new" ? {} : { time: telling })}
          rule={key}
          rules={rules}
          onClose={() => setTelling(null)}
        />
      )}
      {telling === "new" && !key && rules[0] && (
        <JobDialog rule={rules[0].key} rules={rules} onClose={() => setTelling(null)} />
      )}
    </>
  );
}
