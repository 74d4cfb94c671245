import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem, type Problem } from "../api/client";
import { ProblemAlert } from "./ProblemAlert";

interface Props {
  /** What goes with it, as a sentence: "Its rooms and everything in them go with it." */
  goes?: string;
  name: string;
  /** It cannot be brought back. */
  forGood?: boolean;
  onDelete: () => Promise<void>;
  onClose: () => void;
}

/** Asks once before something is deleted, and says for how long it can be found again. */
export function DeleteDialog({ goes, name, forGood = false, onDelete, onClose }: Props) {
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function run() {
    setBusy(true);
    try {
      await onDelete();
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="delete-title">
      <DialogTitle id="delete-title">Delete {name}?</DialogTitle>
      <DialogContent>
        <ProblemAlert problem={problem} />
        <Typography>
          {goes} {forGood ? "It is gone then." : "For 30 days it can be brought back from “Deleted” under the season."}
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose} autoFocus>
          Keep it
        </Button>
        <Button variant="contained" color="error" disabled={busy} onClick={() => void run()}>
          Delete
        </Button>
      </DialogActions>
    </Dialog>
  );
}
