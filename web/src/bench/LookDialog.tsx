import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem, type Problem } from "../api/client";
import { FindList, type Found } from "../parts/FindList";
import { ProblemAlert } from "../parts/ProblemAlert";

interface Props {
  pieceId: string;
  name: string;
  /** Puts the look of another piece on this one. */
  wear: (from: string) => Promise<void>;
  onClose: () => void;
}

/** The look of another piece of the same kind on this one; its measures stay. Undo takes it back. */
export function LookDialog({ pieceId, name, wear, onClose }: Props) {
  const [problem, setProblem] = useState<Problem | null>(null);

  async function choose(from: Found) {
    try {
      await wear(from.id);
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="look-title">
      <DialogTitle id="look-title">Whose look does {name} take?</DialogTitle>
      <DialogContent>
        <Typography variant="body2" color="textSecondary">
          Lights, ornaments, ribbon, greens and what else is chosen come along and fit themselves; measures stay as they
          are.
        </Typography>
        <Stack sx={{ pt: 2 }}>
          <ProblemAlert problem={problem} />
          <FindList
            label="A part of the piece's name"
            only="piece"
            except={pieceId}
            onChoose={(from) => void choose(from)}
          />
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
      </DialogActions>
    </Dialog>
  );
}
