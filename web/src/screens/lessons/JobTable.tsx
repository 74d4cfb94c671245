import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { MoreMenu } from "../../parts/MoreMenu";
import { date } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { homeOf, times, took, type Job, type LessonOfJobs } from "./lessonWords";

interface Props {
  lesson: LessonOfJobs;
  chosen: string | null;
  onChoose: (id: string | null) => void;
  onCorrect: (job: Job) => void;
  onDelete: (job: Job) => void;
}

/** How a job came to its figure. */
function known({ source, how, corrected, who }: Job): string {
  const from = source === "ticks" ? "run sheet" : "told";
  return [who, how === "solved" ? `${from}, shared out` : from, corrected ? "corrected" : ""]
    .filter(Boolean)
    .join(" · ");
}

/** The jobs of a rule to be read, corrected and put away. */
export function JobTable({ lesson, chosen, onChoose, onCorrect, onDelete }: Props) {
  const units = useUnits();
  return (
    <Box component="section" aria-label="Jobs" sx={{ mt: 2.5 }}>
      <Typography variant="h2" gutterBottom>
        Jobs
      </Typography>
      <Box
        component="table"
        sx={({ palette }) => ({
          width: "100%",
          borderCollapse: "collapse",
          "& th": { textAlign: "left", fontSize: "0.8125rem", fontWeight: 500, color: palette.text.secondary, pb: 0.5 },
          "& td": { borderTop: `1px solid ${palette.divider}`, py: 0.75, verticalAlign: "top" },
          "& .figure": { textAlign: "right", fontVariantNumeric: "tabular-nums", whiteSpace: "nowrap", pl: 1.5 },
        })}
      >
        <thead>
          <tr>
            <th scope="col">Piece and day</th>
            <th scope="col" className="figure">
              Planned
            </th>
            <th scope="col" className="figure">
              Took
            </th>
            <th scope="col" className="figure">
              Times
            </th>
            <td style={{ border: 0 }} />
          </tr>
        </thead>
        <tbody>
          {lesson.jobs.map((job) => (
            <Box
              component="tr"
              key={job.id}
              onMouseEnter={() => onChoose(job.id)}
              onMouseLeave={() => onChoose(null)}
              sx={{
                bgcolor: job.id === chosen ? "background.paper" : "transparent",
                color: job.left_out ? "text.secondary" : "inherit",
              }}
            >
              <td>
                <Typography sx={{ fontWeight: 600 }}>{job.piece_name || homeOf(job)}</Typography>
                <Typography variant="body2" color="textSecondary">
                  {[date(job.held_on), job.piece_name ? homeOf(job) : "", known(job)].filter(Boolean).join(" · ")}
                </Typography>
                {job.left_out && <Typography variant="body2">does not count: {job.left_out}</Typography>}
                {job.far && (
                  <Typography variant="body2" color="secondary" sx={{ fontWeight: 600 }}>
                    far from the others; it counts
                  </Typography>
                )}
              </td>
              <td className="figure">{took(job.planned, lesson, units)}</td>
              <td className="figure">{took(job.took, lesson, units)}</td>
              <td className="figure">{times(job.ratio)}</td>
              <td className="figure">
                <MoreMenu
                  label={`More about ${job.piece_name || homeOf(job)}, ${date(job.held_on)}`}
                  entries={[
                    { label: "Correct it, or leave it out", run: () => onCorrect(job) },
                    { label: "Delete", run: () => onDelete(job) },
                  ]}
                />
              </td>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
