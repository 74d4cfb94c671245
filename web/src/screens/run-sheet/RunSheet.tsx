import DarkModeOutlined from "@mui/icons-material/DarkModeOutlined";
import LightModeOutlined from "@mui/icons-material/LightModeOutlined";
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Select from "@mui/material/Select";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import { useLight } from "../../app/light";
import { useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Strip } from "../../shell/Strip";
import { weekday } from "../../units/format";
import { AllSteps } from "./AllSteps";
import { Kept } from "./Kept";
import { Over } from "./Over";
import { Picture } from "./Picture";
import { upcoming, type Progress } from "./progress";
import { OffNow } from "./OffNow";
import { StepNow } from "./StepNow";
import { ToLoad } from "./ToLoad";
import { BRIDGE } from "./strike";
import { useAwake } from "./useAwake";
import { useRunSheet, type Run } from "./useRunSheet";
import { Views, type View } from "./Views";
import { VisitThread } from "./VisitThread";

const EVERYONE = "everyone";

function Paused({ run, progress }: { run: Run; progress: Progress }) {
  return (
    <Notice
      title="Paused"
      action={
        <Button
          variant="contained"
          size="large"
          sx={{ minHeight: 76, fontSize: "1.3rem" }}
          onClick={() => run.said("resume", "Pause")}
        >
          Go on
        </Button>
      }
    >
      {progress.paused?.says}
      {progress.paused?.by && `, ${progress.paused.by}`}
    </Notice>
  );
}

/** One visit in the hand: before leaving, one thing at a time, and all of it. */
export function RunSheet() {
  const { visitId = "" } = useParams();
  const run = useRunSheet(visitId);
  const me = useMe().data;
  const { screen, toggleScreen } = useLight();
  const [chosen, setChosen] = useState<View | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const [done, setDone] = useState<{ name: string; keys: string[] }[]>([]);
  useAwake();
  const { sheet: query, progress } = run;
  if (query.isPending) return <Loading what="the run sheet" />;
  if (!query.data || !progress) return <Failed error={query.error} retry={() => void query.refetch()} />;
  const sheet = query.data;
  // Where one was is gone on from, also after the telephone went out.
  const last = progress.acts.findLast(({ kind, by }) => kind === "up" && by === me?.account.name)?.step;
  const mine = sheet.workers.find(({ name }) => name === me?.account.name)?.id ?? null;
  const others = sheet.steps.some(({ id, workers }) => id === last && mine !== null && !workers.includes(mine));
  const worker = asked === EVERYONE ? null : (asked ?? (others ? null : mine));
  const open = upcoming(sheet, progress, worker);
  const step = [picked, last].flatMap((wanted) => open.find(({ id }) => id === wanted) ?? [])[0] ?? open[0];
  // Each visit begins at the car, however much was done in those before.
  const begun = progress.acts.some((act) => act.kind === "up" && act.step !== "" && act.visit === visitId);
  const view = chosen ?? (begun ? "now" : "load");
  const piece = sheet.pieces.find(({ id }) => id === step?.piece);
  const room = sheet.home.rooms.find(({ id }) => id === step?.room);
  // What is dressed for the winter goes up, also on the day all else comes down.
  const Now = sheet.strike && step?.key !== BRIDGE ? OffNow : StepNow;
  const title = view === "now" && step ? (piece?.name ?? room?.name ?? sheet.home.name) : sheet.home.name;
  const under =
    view === "now" && step
      ? [sheet.home.name, piece && room?.name].filter(Boolean).join(", ")
      : weekday(sheet.visit.held_on);

  return (
    <>
      <Strip crumbs={[{ label: "Days", to: "/days" }, { label: title }]} of={under}>
        {sheet.workers.length > 1 && view !== "load" && (
          <Select
            native
            variant="standard"
            disableUnderline
            value={worker ?? EVERYONE}
            onChange={(event) => setAsked(event.target.value)}
            inputProps={{ "aria-label": "Whose steps" }}
            sx={{
              fontSize: "0.9rem",
              fontWeight: 600,
              minHeight: 44,
              "& select": { minHeight: 44, boxSizing: "border-box" },
            }}
          >
            <option value={EVERYONE}>All</option>
            {sheet.workers.map(({ id, name }) => (
              <option key={id} value={id}>
                {name.split(" ")[0]}
              </option>
            ))}
          </Select>
        )}
        <IconButton
          onClick={toggleScreen}
          aria-label={screen === "day" ? "Evening colours" : "Day colours"}
          sx={{ width: 44, height: 44 }}
        >
          {screen === "day" ? <DarkModeOutlined /> : <LightModeOutlined />}
        </IconButton>
      </Strip>
      <Kept run={run} sheet={sheet} progress={progress} />
      {sheet.problem && <Alert severity="warning">{sheet.problem}</Alert>}
      {sheet.pending && (
        <Typography role="status" sx={{ px: 2 }}>
          Still being planned …
        </Typography>
      )}
      {view === "now" && progress.paused ? (
        <Box sx={{ flex: 1 }}>
          <Paused run={run} progress={progress} />
        </Box>
      ) : view === "now" && step ? (
        <>
          <VisitThread sheet={sheet} step={step} progress={progress} />
          <Box
            sx={{
              flex: 1,
              minHeight: 0,
              display: "flex",
              flexDirection: { xs: "column", md: "row" },
              overflow: { xs: "auto", md: "hidden" },
            }}
          >
            <Picture sheet={sheet} step={step} progress={progress} />
            <Box sx={{ width: { md: 440 }, flexShrink: 0, overflow: { md: "auto" } }}>
              <Now key={step.id} run={run} sheet={sheet} progress={progress} step={step} done={done} onDone={setDone} />
            </Box>
          </Box>
        </>
      ) : (
        <Box sx={{ flex: 1, minHeight: 0, overflow: "auto" }}>
          {view === "now" && <Over sheet={sheet} progress={progress} worker={worker} onAll={() => setChosen("all")} />}
          {view === "load" && <ToLoad run={run} sheet={sheet} progress={progress} />}
          {view === "all" && (
            <AllSteps
              run={run}
              sheet={sheet}
              progress={progress}
              onGo={({ id, workers }) => {
                if (worker !== null && !workers.includes(worker)) setAsked(EVERYONE);
                setPicked(id);
                setChosen("now");
              }}
            />
          )}
        </Box>
      )}
      <Views view={view} strike={sheet.strike !== undefined} onView={setChosen} />
    </>
  );
}
