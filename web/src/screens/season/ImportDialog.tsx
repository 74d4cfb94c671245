import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { useOnce } from "../../parts/useOnce";
import { useUndo } from "../../parts/undo";

/** Reads a home plan back in, from a file or pasted; every fault is told with its line and the text stays. */
export function ImportDialog({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const { busy, once } = useOnce();
  const navigate = useNavigate();
  const { say } = useUndo();

  async function read() {
    try {
      const home = await ask(client.POST("/api/homes/import", { body: { text } }));
      say(`${home.name} was read in.`);
      await navigate(`/homes/${home.id}`);
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>Read a home plan in</DialogTitle>
      <DialogContent>
        <Typography variant="body2" color="textSecondary" sx={{ mb: 2 }}>
          A plan taken out of this studio or another. Styles you already have are used; others are added with nothing on
          hand.
        </Typography>
        <ProblemAlert problem={problem} />
        <Button component="label" variant="outlined" sx={{ mb: 2 }}>
          Choose a file
          <input
            type="file"
            accept=".json,application/json"
            hidden
            onChange={(event) => {
              setProblem(null);
              void event.target.files?.[0]?.text().then(setText);
            }}
          />
        </Button>
        <TextField
          label="Plan"
          multiline
          rows={10}
          value={text}
          onChange={(event) => setText(event.target.value)}
          slotProps={{ htmlInput: { spellCheck: false, style: { fontFamily: "monospace", fontSize: 12 } } }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={busy || text.trim() === ""} onClick={() => void once(read)}>
          Read it in
        </Button>
      </DialogActions>
    </Dialog>
  );
}
