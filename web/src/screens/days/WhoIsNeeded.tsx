import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { minutes, weekday } from "../../units/format";
import { DAY, daysOf, type Span, type Worker } from "./dayLayout";

/** How much each works on each day. */
export function WhoIsNeeded({ spans, workers }: { spans: Span[]; workers: Worker[] }) {
  const days = spans.flatMap((span) => daysOf(span, workers).map((day) => ({ span, day })));
  const most = Math.max(1, ...workers.flatMap(({ id }) => days.map(({ span, day }) => worked(span, day.starts, id))));
  const seen = workers.filter(({ id }) => days.some(({ day }) => day.workers.some((one) => one.id === id)));
  if (seen.length === 0) return null;
  return (
    <Box component="section" aria-label="Who is needed" tabIndex={0} sx={{ mt: 3, overflowX: "auto" }}>
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
