import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { ThingField, type Thing } from "./ThingField";

/** Two that are the same thing become one: what lies of this one lies of the other from now on. */
export function MergeDialog({ thing, onClose }: { thing: Schemas["StockThing"]; onClose: () => void }) {
  const [into, setInto] = useState<Thing | null>(null);
  const [key] = useState(() => newKey());
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const { say } = useUndo();
  const { kind } = thing;

  async function merge() {
    if (busy || !into) return;
    setBusy(true);
    try {
      const params = { path: { id: thing.id } };
      await ask(client.POST("/api/styles/{id}/merge", { params, body: { key, into: into.id } }));
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(`${thing.name} is ${into.name} from now on.`, async () => {
        await ask(client.POST("/api/styles/{id}/part", { params, body: { key, from: into.id } }));
        await queryClient.invalidateQueries({ queryKey: keys.styles });
      });
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  const wrong = problem?.field("/into") ?? problem?.message;
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void merge();
        }}
      >
        <DialogTitle>The same as another one</DialogTitle>
        <DialogContent>
          <Typography color="textSecondary" sx={{ mb: 2 }}>
            All there is of {thing.name} counts as the other one from now on, where it lies; {thing.name} itself is
            retired.
          </Typography>
          <ThingField
            label="It is really"
            kind={kind}
            value={into}
            without={[thing.id]}
            error={wrong}
            onChange={(next) => {
              setInto(next);
              setProblem(null);
            }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={busy || !into}>
            Make them one
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
