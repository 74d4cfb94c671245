import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import { clockOf, stepName } from "../days/dayLayout";
import type { Progress, RunStep, Sheet } from "./progress";

/** More beads than this are drawn closer to one another, and without a swing between. */
const MOST_SWUNG = 14;

/** The steps of a piece as beads on a thread: what is up, what is on, what comes. */
export function VisitThread({ sheet, step, progress }: { sheet: Sheet; step: RunStep; progress: Progress }) {
  const { tokens } = useTheme().palette;
  const own = sheet.steps.filter(({ piece, room }) =>
    step.piece ? piece === step.piece : !piece && room === step.room,
  );
  const at = own.findIndex(({ id }) => id === step.id);
  const rest = own.slice(at + 1).filter((one) => !progress.isDone(one));
  const then = rest.slice(0, 2).map((one) => one.title.toLowerCase());
  const ends = Math.max(...own.map(({ to_min }) => to_min ?? 0));
  const done = new Set<string | undefined>(own.filter(progress.isDone).map(({ id }) => id));
  const pace = 100 / Math.max(own.length, 1);
  const x = (i: number) => (i + 0.5) * pace;
  const share = (one: RunStep) => {
    const up = one.turns.filter((turn) => progress.isUp(one, turn)).length;
    return up / one.turns.length;
  };
  return (
    <Box sx={{ px: 2, pt: 1 }}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Typography variant="body2" sx={{ flexShrink: 0, maxWidth: "100%" }} noWrap>
          <Box component="span" sx={{ display: { xs: "none", md: "inline" } }}>
            {sheet.home.name}, {sheet.home.rooms.find(({ id }) => id === step.room)?.name}:{" "}
          </Box>
          <strong>
            step {at + 1} of {own.length}
          </strong>{" "}
          {stepName(step).toLowerCase()}
        </Typography>
        <Typography variant="body2" color="textSecondary" noWrap sx={{ flex: 1, minWidth: 0, textAlign: "right" }}>
          {then.length > 0 && `then ${then.join(", ")}`}
        </Typography>
        {ends > 0 && (
          <Typography variant="body2" color="textSecondary" noWrap sx={{ flexShrink: 0 }}>
            {then.length > 0 && "· "}ends {clockOf(ends)}
          </Typography>
        )}
      </Box>
      <svg width="100%" height={22} aria-hidden style={{ display: "block", overflow: "visible" }}>
        {own.slice(1).map((one, i) => (
          <line
            key={one.id}
            x1={`${x(i)}%`}
            x2={`${x(i + 1)}%`}
            y1={11}
            y2={11}
            stroke={done.has(own[i]?.id) ? tokens.spruce : tokens.edge}
            strokeWidth={done.has(own[i]?.id) ? 2.5 : 1.5}
            strokeDasharray={done.has(own[i]?.id) ? undefined : "2 4"}
          />
        ))}
        {own.map((one, i) => {
          const r = own.length > MOST_SWUNG ? 3 : 4.5;
          if (one.id === step.id) {
            const round = 2 * Math.PI * 8;
            return (
              <g key={one.id}>
                <circle cx={`${x(i)}%`} cy={11} r={8} fill="none" stroke={tokens.frost} strokeWidth={4} />
                <circle
                  cx={`${x(i)}%`}
                  cy={11}
                  r={8}
                  fill="none"
                  stroke={tokens.plum}
                  strokeWidth={4}
                  strokeDasharray={`${round * share(one)} ${round}`}
                />
                <circle cx={`${x(i)}%`} cy={11} r={3} fill={tokens.plum} />
              </g>
            );
          }
          const isDone = done.has(one.id);
          const waits = progress.waitsFor(one) !== null;
          return (
            <circle
              key={one.id}
              cx={`${x(i)}%`}
              cy={11}
              r={r}
              fill={isDone ? tokens.spruce : tokens.paper}
              stroke={isDone ? tokens.spruce : waits ? tokens.quince : tokens.edge}
              strokeWidth={waits ? 2.5 : 1.5}
            />
          );
        })}
      </svg>
    </Box>
  );
}
