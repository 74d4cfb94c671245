import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import type { ReactNode } from "react";

/** Something asked in the middle of the work, and the way out of it. */
export function Asked({
  title,
  onClose,
  children,
  actions,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  actions?: ReactNode;
}) {
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>{title}</DialogTitle>
      <DialogContent>
        {/* A field's label stands over its frame. */}
        <Box sx={{ display: "flex", flexDirection: "column", gap: 1.5, pt: 1 }}>{children}</Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        {actions}
      </DialogActions>
    </Dialog>
  );
}

/** A button for a hand in a glove. */
export const large = { minHeight: 56, justifyContent: "flex-start", textAlign: "left" } as const;
