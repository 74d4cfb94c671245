import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useState } from "react";

export function RenameDialog({
  name,
  onRename,
  onClose,
}: {
  name: string;
  onRename: (name: string) => void;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState(name);
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onRename(typed.trim());
          onClose();
        }}
      >
        <DialogTitle>Rename this tree</DialogTitle>
        <DialogContent>
          <TextField
            label="Name"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            autoFocus
            required
            sx={{ mt: 1 }}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={typed.trim() === ""}>
            Rename
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
