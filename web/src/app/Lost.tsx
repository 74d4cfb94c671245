import Button from "@mui/material/Button";
import { Link } from "react-router";
import { Notice } from "../parts/Notice";

/** Nothing at this address, or a screen that broke. */
export function Lost() {
  return (
    <Notice
      title="Nothing here"
      action={
        <Button component={Link} to="/" variant="contained">
          To the season desk
        </Button>
      }
    >
      This address leads to no screen. It may have been deleted, or the link is incomplete.
    </Notice>
  );
}
