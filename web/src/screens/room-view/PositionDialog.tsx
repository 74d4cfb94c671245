import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../api/client";
import { LengthField } from "../../parts/LengthField";
import { FieldReadingsProvider, useFieldReadings } from "../../parts/fieldReadings";
import { useLatest } from "../../parts/useLatest";

interface Props {
  piece: Schemas["Standing"];
  walls: Schemas["WallSeen"][];
  onPut: (position: Schemas["Position"]) => void;
  onClose: () => void;
}

/** Says in measures where a piece is: for keyboards, and for another wall. */
export function PositionDialog(props: Props) {
  return (
    <FieldReadingsProvider>
      <Form {...props} />
    </FieldReadingsProvider>
  );
}

function Form({ piece, walls, onPut, onClose }: Props) {
  const [said, change, latest] = useLatest<Schemas["Position"]>({
    wall: piece.wall,
    at_m: piece.at_m,
    out_m: piece.place?.out_m ?? null,
  });
  const readings = useFieldReadings();

  async function put() {
    if (!(await (readings?.settled() ?? true)) || latest().at_m === null) return;
    onPut(latest());
    onClose();
  }

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="position-title">
      <DialogTitle id="position-title">Where {piece.name} is</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr", pt: "8px !important" }}>
        <TextField
          select
          label="Wall"
          value={said.wall}
          onChange={(event) => change({ wall: event.target.value })}
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
          value={said.at_m}
          onChange={(at_m) => change({ at_m })}
          help="As one faces the wall"
          required
        />
        <LengthField
          label="Its middle from the wall"
          value={said.out_m}
          onChange={(out_m) => change({ out_m })}
          placeholder="with its back to it"
          help="For what stands free"
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" onClick={() => void put()} disabled={said.at_m === null}>
          Put it there
        </Button>
      </DialogActions>
    </Dialog>
  );
}
