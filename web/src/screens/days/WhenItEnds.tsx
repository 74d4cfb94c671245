import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { minutes, weekday } from "../../units/format";
import { clockOf, DAY, dayOf, daysOf, stepName, type Span, type Step, type Worker } from "./dayLayout";

/** When the last of each home is done, and before when no order could end. */
export function WhenItEnds({ spans }: { spans: Span[] }) {
  const told = spans.flatMap((span) => span.homes.map((home) => ({ span, home })));
  return (
    <Box component="section" aria-label="When it ends">
      <Typography variant="h2" gutterBottom>
        When it ends
      </Typography>
      {told.map(({ span, home }) => {
        const left = span.steps.filter((step) => step.home === home.id && step.why !== null).length;
        return (
          <Box
            key={home.id}
            sx={{ display: "flex", gap: 1, alignItems: "baseline", py: 1, borderBottom: 1, borderColor: "divider" }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Typography sx={{ fontWeight: 600 }}>{home.name}</Typography>
              <Typography variant="body2" color={left > 0 ? "error" : "textSecondary"}>
                {left > 0
                  ? `${left} ${left === 1 ? "step finds" : "steps find"} no place`
                  : home.end_min === null
                    ? "nothing to do yet"
                    : weekday(dayOf(span, home.end_min))}
              </Typography>
            </Box>
            {home.end_min !== null && left === 0 && (
              <Box sx={{ textAlign: "right" }}>
                <Typography sx={{ fontSize: "1.15rem", fontWeight: 700, lineHeight: 1.2 }}>
                  {clockOf(home.end_min)}
                </Typography>
                {home.bound_min !== null && (
                  <Typography variant="body2" color="textSecondary">
                    proven{" "}
                    {Math.floor(home.bound_min / DAY) === Math.floor(home.end_min / DAY)
                      ? ""
                      : weekday(dayOf(span, home.bound_min))}{" "}
                    {clockOf(home.bound_min)}
                  </Typography>
                )}
              </Box>
            )}
          </Box>
        );
      })}
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        No plan in any order ends before “proven”.
      </Typography>
    </Box>
  );
}

/** The step that is looked at: how long, by whom, how much later it could be. */
export function ChosenStep({ span, step, workers }: { span: Span; step: Step; workers: Worker[] }) {
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
      {names.length > 0 && <Typography>{names.join(" and ")}</Typography>}
      {step.why && <Typography color="error">Finds no place: {step.why}.</Typography>}
      {decides && <Typography color="secondary">It is one of those that decide the end.</Typography>}
      {before.length > 0 && <Typography variant="body2">After {before.join("; ")}.</Typography>}
      {step.high && (
        <Typography variant="body2">
          {step.needs > 1
            ? "From a ladder: one works, one holds it."
            : "The top of it is done from a ladder: somebody holds it meanwhile."}
        </Typography>
      )}
    </Box>
  );
}

/** How much each works on each day. */
export function WhoIsNeeded({ spans, workers }: { spans: Span[]; workers: Worker[] }) {
  const days = spans.flatMap((span) => daysOf(span, workers).map((day) => ({ span, day })));
  const most = Math.max(1, ...workers.flatMap(({ id }) => days.map(({ span, day }) => worked(span, day.starts, id))));
  const seen = workers.filter(({ id }) => days.some(({ day }) => day.workers.some((one) => one.id === id)));
  if (seen.length === 0) return null;
  return (
    <Box component="section" aria-label="Who is needed" sx={{ mt: 3, overflowX: "auto" }}>
      <Typography variant="h2" gutterBottom>
        Who is needed
      </Typography>
      <Box
        component="table"
        sx={{ borderCollapse: "collapse", width: "100%", "& td, & th": { textAlign: "left", py: 0.5, pr: 1.25 } }}
      >
        <thead>
          <tr>
            <Box component="td" />
            {days.map(({ day }) => (
              <Typography
                key={day.on}
                component="th"
                variant="body2"
                color="textSecondary"
                scope="col"
                sx={{ fontWeight: 400 }}
              >
                {weekday(day.on).replace(/ \w+$/, "")}
              </Typography>
            ))}
          </tr>
        </thead>
        <tbody>
          {seen.map(({ id, name }) => (
            <tr key={id}>
              <Typography component="th" variant="body2" scope="row" sx={{ fontWeight: 600 }} title={name}>
                {name.split(" ")[0]}
              </Typography>
              {days.map(({ span, day }) => {
                const sum = worked(span, day.starts, id);
                return (
                  <td key={day.on}>
                    <Typography variant="body2" sx={{ whiteSpace: "nowrap" }}>
                      {sum > 0 ? minutes(sum) : "–"}
                    </Typography>
                    <Box
                      sx={{ height: 3, bgcolor: "primary.main", width: `${(100 * sum) / most}%`, borderRadius: 1 }}
                    />
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function worked(span: Span, starts: number, worker: string): number {
  return span.steps
    .filter(
      ({ from_min, workers }) =>
        from_min !== null && from_min >= starts && from_min < starts + DAY && workers.includes(worker),
    )
    .reduce((sum, { from_min, to_min }) => sum + (to_min ?? 0) - (from_min ?? 0), 0);
}
