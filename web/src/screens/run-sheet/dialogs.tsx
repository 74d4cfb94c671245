import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useUnits } from "../../units/useUnits";
import { Asked, large } from "./Asked";
import type { RunStep, Sheet, Thing } from "./progress";
import { amountOf } from "./words";

/** Words that are kept with an act. */
const LONGEST = 500;

/** There is no more of it: the rest is spread again, or it waits, or it is well as it is. */
export function RanOutDialog({
  sheet,
  step,
  thing,
  left,
  onClose,
  onSpread,
  onMakeDo,
  onWait,
}: {
  sheet: Sheet;
  step: RunStep;
  thing: Thing;
  /** How many places of it are still empty. */
  left: number;
  onClose: () => void;
  onSpread: () => void;
  onMakeDo: () => void;
  onWait: () => void;
}) {
  const units = useUnits();
  const table = sheet.surplus.filter(({ style, rooms }) => style !== thing.style && rooms.includes(step.room));
  return (
    <Asked title={`${thing.label} ran out`} onClose={onClose}>
      {left > 0 ? (
        <Button variant="outlined" sx={large} onClick={onSpread}>
          Spread what is left over the tree: {left === 1 ? "one place" : `${left} places`} less, the others are planned
          again
        </Button>
      ) : (
        <Button variant="outlined" sx={large} onClick={onMakeDo}>
          It is well with what is up
        </Button>
      )}
      <Button variant="outlined" sx={large} onClick={onWait}>
        It waits for more of it
      </Button>
      {table.length > 0 && (
        <Typography variant="body2" color="textSecondary">
          On the table still: {table.map((one) => `${amountOf(one.count, one, units)} × ${one.label}`).join(", ")}.
        </Typography>
      )}
    </Asked>
  );
}

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
