import Button from "@mui/material/Button";
import { Link, useRouteError } from "react-router";
import { Notice } from "../parts/Notice";

/** A screen whose own script is gone: Deck Bough was built anew while the page was open. */
function renewed(error: unknown): boolean {
  return error instanceof TypeError && /module/i.test(error.message);
}

/** Nothing at this address, or a screen that broke. */
export function Lost() {
  const error = useRouteError();
  if (renewed(error)) {
    return (
      <Notice
        title="Deck Bough was renewed"
        action={
          <Button variant="contained" onClick={() => window.location.reload()}>
            Load the page again
          </Button>
        }
      >
        A newer version is being served than the one in this window. Nothing that was saved is lost.
      </Notice>
    );
  }
  return (
    <Notice
      title={error ? "This screen broke" : "Nothing here"}
      action={
        <Button component={Link} to="/" variant="contained">
          To the season desk
        </Button>
      }
    >
      {error
        ? "The fault is ours. What was saved is safe; go back and try again."
        : "This address leads to no screen. It may have been deleted, or the link is incomplete."}
    </Notice>
  );
}
