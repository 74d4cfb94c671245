import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { LengthField } from "../../parts/LengthField";
import { LengthReadingsProvider, useLengthReadings } from "../../parts/lengthReadings";

interface Props {
  piece: Schemas["Standing"];
  walls: Schemas["WallSeen"][];
  onPut: (position: Schemas["Position"]) => void;
  onClose: () => void;
}

/** Says in measures where a piece is: for keyboards, and for another wall. */
export function PositionDialog(props: Props) {
  return (
    <LengthReadingsProvider>
      <Form {...props} />
    </LengthReadingsProvider>
  );
}

function Form({ piece, walls, onPut, onClose }: Props) {
  const [wall, setWall] = useState(piece.wall);
  const [at, setAt] = useState<number | null>(piece.at_m);
  const [out, setOut] = useState<number | null>(piece.place?.out_m ?? null);
  const readings = useLengthReadings();

  async function put() {
    if (!(await (readings?.settled() ?? true)) || at === null) return;
    onPut({ wall, at_m: at, out_m: out });
    onClose();
  }

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="position-title">
      <DialogTitle id="position-title">Where {piece.name} is</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr", pt: "8px !important" }}>
        <TextField
          select
          label="Wall"
          value={wall}
          onChange={(event) => setWall(event.target.value)}
          sx={{ gridColumn: "1 / -1" }}
        >
          {walls.map(({ key, name }) => (
            <MenuItem key={key} value={key}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <LengthField
          label="Its middle from the left"
          value={at}
          onChange={setAt}
          help="As one faces the wall"
          required
        />
        <LengthField
          label="Its middle from the wall"
          value={out}
          onChange={setOut}
          placeholder="with its back to it"
          help="For what stands free"
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" onClick={() => void put()} disabled={at === null}>
          Put it there
        </Button>
      </DialogActions>
    </Dialog>
  );
}
