import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { ConflictDialog } from "../../parts/ConflictDialog";
import { FormAlert } from "../../parts/ProblemAlert";
import type { Schemas } from "../../api/client";
import { HomeFields } from "./HomeFields";
import { useHomeForm } from "./useHomeForm";

/** Adds a home, or changes who lives there and when it is dressed. */
export function HomeDialog({ home, onClose }: { home?: Schemas["Home"]; onClose: () => void }) {
  const form = useHomeForm(home, onClose);
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void form.keep();
        }}
      >
        <DialogTitle>{home ? "Home and household" : "Add a home"}</DialogTitle>
        <DialogContent>
          <FormAlert objections={form.objections} />
          <HomeFields said={form.said} change={form.change} objections={form.objections} />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            {home ? "Keep" : "Add home"}
          </Button>
        </DialogActions>
      </form>
      {form.conflict && (
        <ConflictDialog rows={form.conflict} keepMine={() => void form.keepMine()} takeTheirs={form.takeTheirs} />
      )}
    </Dialog>
  );
}
