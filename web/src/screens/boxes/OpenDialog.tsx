import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { lazy, Suspense, useState } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { Loading } from "../../parts/Loading";
import { boxOf } from "./codes";

const Camera = lazy(async () => ({ default: (await import("./Camera")).Camera }));

/** Opens the page of a box by its label: through the camera, by the scanner, or by what is typed. */
export function OpenDialog({ boxes, onClose }: { boxes: Schemas["Box"][]; onClose: () => void }) {
  const [typed, setTyped] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const [camera, setCamera] = useState(false);
  const navigate = useNavigate();

  function open(code: string) {
    const number = boxOf(code);
    if (number === null) setWrong("That is no label of a box. Type the number that stands on it.");
    else if (!boxes.some((box) => box.number === number)) setWrong(`There is no box ${number}.`);
    else void navigate(`/boxes/${number}`);
  }

  async function scan() {
    try {
      const { code } = await ask(client.GET("/api/boxes/scanned"));
      if (code === null) setWrong("The scanner reads nothing.");
      else open(code);
    } catch (error) {
      setWrong(asProblem(error).message);
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          open(typed);
        }}
      >
        <DialogTitle>Open a box by its label</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2 }}>
          {camera && (
            <Suspense fallback={<Loading what="the camera" />}>
              <Camera onCode={open} />
            </Suspense>
          )}
          <TextField
            label="Number or code"
            value={typed}
            autoFocus
            onChange={(event) => {
              setTyped(event.target.value);
              setWrong(null);
            }}
            error={wrong !== null}
            helperText={wrong}
            slotProps={{ htmlInput: { maxLength: 300 } }}
            sx={{ mt: 1 }}
          />
        </DialogContent>
        <DialogActions sx={{ flexWrap: "wrap" }}>
          <Button onClick={onClose}>Cancel</Button>
          <Button onClick={() => void scan()}>Read the scanner</Button>
          {!camera && <Button onClick={() => setCamera(true)}>Use the camera</Button>}
          <Button type="submit" variant="contained">
            Open it
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
