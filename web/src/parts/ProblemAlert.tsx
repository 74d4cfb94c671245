import Alert from "@mui/material/Alert";
import type { Problem } from "../api/client";
import type { Objections } from "../api/useObjections";

/** What went wrong with something just tried, above the form it belongs to. */
export function ProblemAlert({ problem }: { problem: Problem | null }) {
  if (!problem) return null;
  const errors = problem.details.errors ?? [];
  return (
    <Told
      title={problem.details.title}
      says={problem.message}
      list={errors.length > 1 ? errors.map((error) => error.message) : []}
    />
  );
}

/** The same above a form that tells each objection beside its field: here only how many there are, and what has no field. */
export function FormAlert({ objections: { problem, beside, rest } }: { objections: Objections }) {
  if (!problem) return null;
  if (!problem.details.errors?.length) return <ProblemAlert problem={problem} />;
  if (beside + rest.length === 0) return null;
  const mend =
    beside === 0
      ? ""
      : beside === 1
        ? "One field below needs mending; nothing was saved."
        : `${beside} fields below need mending; nothing was saved.`;
  return <Told title={problem.details.title} says={[...rest, mend].join(" ")} list={[]} />;
}

function Told({ title, says, list }: { title: string; says: string; list: string[] }) {
  return (
    <Alert severity="error" variant="outlined" sx={{ mb: 2 }}>
      <strong>{title}.</strong> {says}
      {list.length > 0 && (
        <ul style={{ margin: "4px 0 0", paddingLeft: 18 }}>
          {list.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
    </Alert>
  );
}
