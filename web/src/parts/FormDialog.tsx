import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import type { ReactNode } from "react";
import type { Objections } from "../api/useObjections";
import { ConflictDialog, type ConflictRow } from "./ConflictDialog";
import { FormAlert } from "./ProblemAlert";
import { SettledForm } from "./SettledForm";

interface Props {
  title: string;
  /** What its button says: "Keep it". Without one nothing can be kept, only looked at. */
  keeps?: string | undefined;
  busy: boolean;
  objections: Objections;
  maxWidth?: "xs" | "sm";
  /** Somebody else changed it meanwhile: what both say, to choose from. */
  conflict?: { rows: ConflictRow[]; keepMine: () => void; takeTheirs: () => void } | null;
  /** What else can be done from here, apart from what ends it. */
  aside?: ReactNode;
  onKeep: () => void;
  onClose: () => void;
  children: ReactNode;
}

/** A form over the work: what is objected to above its fields, kept by its button or the enter key. */
export function FormDialog({
  title,
  keeps,
  busy,
  objections,
  maxWidth = "sm",
  conflict,
  aside,
  onKeep,
  onClose,
  children,
}: Props) {
  return (
    <Dialog open onClose={onClose} maxWidth={maxWidth} fullWidth>
      <SettledForm onKeep={onKeep}>
        <DialogTitle>{title}</DialogTitle>
        <DialogContent>
          <FormAlert objections={objections} />
          {children}
        </DialogContent>
        <DialogActions>
          {aside && <Box sx={{ mr: "auto" }}>{aside}</Box>}
          <Button onClick={onClose}>{keeps ? "Cancel" : "Close"}</Button>
          {keeps && (
            <Button type="submit" variant="contained" disabled={busy}>
              {keeps}
            </Button>
          )}
        </DialogActions>
      </SettledForm>
      {conflict && <ConflictDialog {...conflict} />}
    </Dialog>
  );
}
