import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { Asked, large } from "./Asked";

/** Words that are kept with an act. */
const LONGEST = 500;

const WAITS = ["a delivery", "paint to dry", "the client"];

/** Later in this visit, or not before something has come. */
export function NotNowDialog({
  title,
  onClose,
  onSkip,
  onWait,
}: {
  title: string;
  onClose: () => void;
  onSkip: () => void;
  onWait: (says: string) => void;
}) {
  const [says, setSays] = useState("");
  return (
    <Asked
      title={title}
      onClose={onClose}
      actions={
        <Button variant="contained" disabled={says.trim() === ""} onClick={() => onWait(says.trim())}>
          It waits
        </Button>
      }
    >
      <Button variant="outlined" sx={large} onClick={onSkip}>
        Later in this visit
      </Button>
      <TextField
        label="It waits for"
        value={says}
        onChange={(event) => setSays(event.target.value.slice(0, LONGEST))}
        helperText="Then it is planned into the next visit."
      />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        {WAITS.map((one) => (
          <Chip key={one} label={one} onClick={() => setSays(one)} sx={{ minHeight: 40 }} />
        ))}
      </Box>
    </Asked>
  );
}

export function NoteDialog({
  about,
  onClose,
  onKeep,
}: {
  about: string;
  onClose: () => void;
  onKeep: (says: string) => void;
}) {
  const [says, setSays] = useState("");
  return (
    <Asked
      title={`A note on ${about}`}
      onClose={onClose}
      actions={
        <Button variant="contained" disabled={says.trim() === ""} onClick={() => onKeep(says.trim())}>
          Keep it
        </Button>
      }
    >
      <TextField
        label="Note"
        multiline
        minRows={3}
        autoFocus
        value={says}
        onChange={(event) => setSays(event.target.value.slice(0, LONGEST))}
      />
    </Asked>
  );
}

const PAUSES = ["the client is here", "something was delivered", "a meal", "something broke", "the power is off"];

/** Why nobody works just now. */
export function PauseDialog({ onClose, onPause }: { onClose: () => void; onPause: (says: string) => void }) {
  return (
    <Asked title="Pause" onClose={onClose}>
      {PAUSES.map((one) => (
        <Button key={one} variant="outlined" sx={large} onClick={() => onPause(one)}>
          {one}
        </Button>
      ))}
    </Asked>
  );
}
