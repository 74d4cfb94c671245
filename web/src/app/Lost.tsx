import Button from "@mui/material/Button";
import { useEffect, useState } from "react";
import { Link, useRouteError } from "react-router";
import { Loading } from "../parts/Loading";
import { Notice } from "../parts/Notice";

const LOADED_AGAIN = "deck-bough:loaded-again";
/** Within this, milliseconds, the page is not loaded again by itself a second time. */
const A_WHILE = 20_000;

/** A screen whose own script did not come: Deck Bough was built anew while the page was open, or the line broke. */
function renewed(error: unknown): boolean {
  return error instanceof TypeError && /module/i.test(error.message);
}

/** Loads the page again by itself, once; says whether it is about to. */
function useLoadedAgain(wanted: boolean): boolean {
  const [goes] = useState(() => wanted && Date.now() - Number(sessionStorage.getItem(LOADED_AGAIN)) > A_WHILE);
  useEffect(() => {
    if (!goes) return;
    sessionStorage.setItem(LOADED_AGAIN, String(Date.now()));
    window.location.reload();
  }, [goes]);
  return goes;
}

/** Nothing at this address, or a screen that broke. */
export function Lost() {
  const error = useRouteError();
  const loads = useLoadedAgain(renewed(error));
  if (loads) return <Loading what="the page again" />;
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
        A newer version is being served than the one in this window, or the line broke. Nothing that was saved is lost.
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
