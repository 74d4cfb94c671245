import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";

type Thing = Pick<Schemas["Style"], "id" | "name" | "kind">;

/** Two that are the same thing become one: what lies of this one lies of the other from now on. */
export function MergeDialog({ thing, onClose }: { thing: Schemas["StockThing"]; onClose: () => void }) {
  const [into, setInto] = useState<Thing | null>(null);
  const [words, setWords] = useState("");
  const [key] = useState(() => crypto.randomUUID());
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const { say } = useUndo();
  const { kind } = thing;
  const found = useQuery({
    queryKey: [...keys.styles, "stockroom", words, { kind }, 1],
    queryFn: () => ask(client.GET("/api/stock", { params: { query: { q: words, kind } } })),
  });

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
          <Autocomplete
            options={(found.data?.items ?? []).filter(({ id }) => id !== thing.id)}
            getOptionLabel={({ name }: Thing) => name}
            getOptionKey={({ id }) => id}
            isOptionEqualToValue={(option, value) => option.id === value.id}
            filterOptions={(options) => options}
            value={into}
            onChange={(_, next) => {
              setInto(next);
              setProblem(null);
            }}
            onInputChange={(_, text, reason) => reason === "input" && setWords(text)}
            noOptionsText="Nothing else of its kind is called that"
            renderInput={(params) => (
              <TextField {...params} label="It is really" error={Boolean(wrong)} helperText={wrong} />
            )}
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
