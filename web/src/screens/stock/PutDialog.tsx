import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { FormAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { counted } from "../../units/format";
import { useBoxes } from "../boxes/useBoxes";
import { placed } from "./words";

const OUT = "out";
const NEW = "new";

interface Props {
  things: Schemas["StockThing"][];
  onClose: () => void;
}

/** Puts things into a box, all that lies of each wherever it lies; into a new one as well, or out of all boxes. */
export function PutDialog({ things, onClose }: Props) {
  const boxes = useBoxes().data?.items ?? [];
  const [into, setInto] = useState("");
  const [place, setPlace] = useState("");
  const [key] = useState(() => newKey());
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const objections = useObjections(problem, { into, place });
  const { say } = useUndo();
  const title = things.length === 1 ? (things[0]?.name ?? "") : counted(things.length, "thing");
  const chosen = boxes.find(({ id }) => id === into);

  async function put() {
    if (into === "" || busy) return;
    setBusy(true);
    try {
      const box = into === NEW ? await ask(client.POST("/api/boxes", { body: { place } })) : (chosen ?? null);
      if (box) setInto(box.id);
      await ask(
        client.POST("/api/boxes/carry", {
          body: {
            key,
            into: box?.id ?? null,
            things: things.flatMap(({ id, where }) => where.map(({ box: from }) => ({ style: id, from }))),
          },
        }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(box ? `${title}: now in ${placed(box.number, box.place)}.` : `${title}: now in no box.`);
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
      await queryClient.invalidateQueries({ queryKey: keys.boxes });
    }
    setBusy(false);
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void put();
        }}
      >
        <DialogTitle>Put {title} into a box</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2 }}>
          <FormAlert objections={objections} />
          <TextField
            select
            label="Box"
            value={into}
            onChange={(event) => setInto(event.target.value)}
            error={Boolean(objections.field("/into"))}
            helperText={objections.field("/into")}
            sx={{ mt: 1 }}
          >
            <MenuItem value={NEW}>a new box</MenuItem>
            {boxes.map((box) => (
              <MenuItem key={box.id} value={box.id}>
                {placed(box.number, box.place)}
                {box.name && ` · ${box.name}`}
              </MenuItem>
            ))}
            <MenuItem value={OUT}>out of all boxes</MenuItem>
          </TextField>
          {into === NEW && (
            <TextField
              label="Where it stands"
              value={place}
              placeholder="Loft left"
              onChange={(event) => setPlace(event.target.value)}
              error={Boolean(objections.field("/place"))}
              helperText={objections.field("/place")}
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
            />
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={into === "" || busy}>
            Put it there
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
