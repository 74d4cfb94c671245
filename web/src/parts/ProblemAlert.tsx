import Alert from "@mui/material/Alert";
import type { Problem } from "../api/client";

/** What went wrong with something just tried, above the form it belongs to. */
export function ProblemAlert({ problem }: { problem: Problem | null }) {
  if (!problem) return null;
  const errors = problem.details.errors ?? [];
  return (
    <Alert severity="error" variant="outlined" sx={{ mb: 2 }}>
      <strong>{problem.details.title}.</strong> {problem.message}
      {errors.length > 1 && (
        <ul style={{ margin: "4px 0 0", paddingLeft: 18 }}>
          {errors.map((error) => (
            <li key={`${error.pointer} ${error.message}`}>{error.message}</li>
          ))}
        </ul>
      )}
    </Alert>
  );
}
