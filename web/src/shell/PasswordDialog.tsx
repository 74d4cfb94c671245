import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { ask, asProblem, client, type Problem } from "../api/client";
import { ProblemAlert } from "../parts/ProblemAlert";
import { useOnce } from "../parts/useOnce";
import { useUndo } from "../parts/undo";

export function PasswordDialog({ onClose }: { onClose: () => void }) {
  const [present, setPresent] = useState("");
  const [next, setNext] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const { say } = useUndo();
  const { busy, once } = useOnce();

  async function change() {
    try {
      await ask(client.POST("/api/change-password", { body: { password: present, new_password: next } }));
      say("Password changed. Other devices were signed out.");
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void once(change);
        }}
      >
        <DialogTitle>Change password</DialogTitle>
        <DialogContent>
          <ProblemAlert problem={problem} />
          <Stack spacing={2} sx={{ pt: 1 }}>
            <TextField
              label="Present password"
              type="password"
              autoComplete="current-password"
              value={present}
              onChange={(event) => setPresent(event.target.value)}
              error={Boolean(problem?.field("/password"))}
              required
            />
            <TextField
              label="New password"
              type="password"
              autoComplete="new-password"
              value={next}
              onChange={(event) => setNext(event.target.value)}
              error={Boolean(problem?.field("/new_password"))}
              helperText="10 to 72 characters. Every other device is signed out."
              required
            />
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={busy}>
            Change password
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
