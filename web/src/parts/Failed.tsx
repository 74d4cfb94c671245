import Button from "@mui/material/Button";
import { Link } from "react-router";
import { asProblem } from "../api/client";
import { Notice } from "./Notice";

/** A screen whose answer did not come; offers the way that can help. */
export function Failed({ error, retry }: { error: unknown; retry: () => void }) {
  const problem = asProblem(error);
  const gone = problem.status === 404;
  return (
    <Notice
      title={problem.details.title}
      action={
        gone ? (
          <Button component={Link} to="/" variant="contained">
            To the season desk
          </Button>
        ) : (
          <Button variant="contained" onClick={retry}>
            Try again
          </Button>
        )
      }
    >
      {problem.message}
      {problem.details.request_id && !gone ? ` (request ${problem.details.request_id})` : ""}
    </Notice>
  );
}
