import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { counted } from "../../units/format";

/** Labels with a code that opens the page of a box: on paper, or from the label printer. */
export function LabelsDialog({ boxes, onClose }: { boxes: Schemas["Box"][]; onClose: () => void }) {
  const imperial = useMe().data?.studio.units === "imperial";
  const [paper, setPaper] = useState<"a4" | "letter">(imperial ? "letter" : "a4");
  const [told, setTold] = useState<{ says: string; wrong: boolean } | null>(null);
  const [busy, setBusy] = useState(false);
  const ids = boxes.map(({ id }) => id);
  const one = boxes.length === 1 ? boxes[0] : undefined;

  async function send() {
    setBusy(true);
    try {
      const { printer } = await ask(client.POST("/api/boxes/labels", { body: { boxes: ids } }));
      setTold({ says: `The printer has it: ${printer}.`, wrong: false });
    } catch (error) {
      setTold({ says: asProblem(error).message, wrong: true });
    }
    setBusy(false);
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>
        {one ? `Label of box ${one.number}` : `Labels of ${counted(boxes.length, "box", "boxes")}`}
      </DialogTitle>
      <DialogContent>
        <Typography color="textSecondary" sx={{ mb: 2 }}>
          Eight a page, to be cut along the lines. The code on a label opens the page of its box.
        </Typography>
        <ToggleButtonGroup
          exclusive
          value={paper}
          onChange={(_, next: typeof paper | null) => next && setPaper(next)}
          aria-label="Paper"
        >
          <ToggleButton value="a4">A4</ToggleButton>
          <ToggleButton value="letter">Letter</ToggleButton>
        </ToggleButtonGroup>
        {told && (
          <Alert severity={told.wrong ? "error" : "success"} sx={{ mt: 2 }}>
            {told.says}
          </Alert>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        <Button onClick={() => void send()} disabled={busy}>
          Send to the label printer
        </Button>
        <Button
          variant="contained"
          component="a"
          href={`/api/boxes/labels.pdf?paper=${paper}&boxes=${ids.join(",")}`}
          target="_blank"
          rel="noopener"
        >
          As PDF
        </Button>
      </DialogActions>
    </Dialog>
  );
}
