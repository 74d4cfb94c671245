import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../api/client";
import { FormDialog } from "../../parts/FormDialog";
import { LengthField } from "../../parts/LengthField";
import { MeasuredField } from "../../parts/MeasuredField";
import { Tick } from "../../parts/Tick";
import { useAnchorForm } from "./useAnchorForm";

interface Props {
  home: Schemas["HomeInFull"];
  kinds: Schemas["StayingAnchors"]["kinds"];
  anchor?: Schemas["StayingAnchor"] | undefined;
  year: string;
  onClose: () => void;
}

const NONE = "none";

/** A nail or hook that stays: where, of what kind, what it bears, since when. */
export function AnchorDialog({ home, kinds, anchor, year, onClose }: Props) {
  const { said, change, objections, form } = useAnchorForm({ home, kinds, anchor, year, onDone: onClose });
  const room = home.rooms.find(({ id }) => id === said.room_id);
  const hung = room?.pieces.filter(({ kind }) => kind !== "tree") ?? [];
  return (
    <FormDialog
      title={anchor ? "A nail or hook that stays" : "Add a nail or hook"}
      keeps={anchor ? "Keep" : "Add it"}
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2, pt: 1 }}>
        <TextField
          label="Where it is"
          value={said.place}
          placeholder="Front door, inside"
          onChange={(event) => change({ place: event.target.value })}
          error={Boolean(objections.field("/place"))}
          helperText={objections.field("/place")}
          slotProps={{ inputLabel: { shrink: true } }}
          required
          autoFocus
        />
        <TextField
          select
          label="Kind"
          value={said.kind}
          onChange={(event) => change({ kind: event.target.value as Schemas["StayingAnchorKind"] })}
        >
          {kinds.map(({ name, title }) => (
            <MenuItem key={name} value={name}>
              {title}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Room"
          value={said.room_id}
          onChange={(event) => change({ room_id: event.target.value, piece_id: null })}
          error={Boolean(objections.field("/room_id"))}
          helperText={objections.field("/room_id")}
        >
          {home.rooms.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Of the piece"
          value={said.piece_id ?? NONE}
          onChange={(event) => change({ piece_id: event.target.value === NONE ? null : event.target.value })}
          error={Boolean(objections.field("/piece_id"))}
          helperText={objections.field("/piece_id") ?? "From its left end it is measured"}
        >
          <MenuItem value={NONE}>of none</MenuItem>
          {hung.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <LengthField
          label="From the left"
          placeholder="not measured"
          value={said.left_m}
          error={objections.field("/left_m")}
          onChange={(left_m) => change({ left_m })}
        />
        <LengthField
          label="Above the floor"
          placeholder="not measured"
          value={said.floor_m}
          error={objections.field("/floor_m")}
          onChange={(floor_m) => change({ floor_m })}
        />
        <MeasuredField
          label="Rated load on its label"
          unit="kg"
          value={said.rated_kg}
          onChange={(rated_kg) => change({ rated_kg })}
          error={objections.field("/rated_kg")}
        />
        <TextField
          label="Since"
          value={said.since}
          onChange={(event) => change({ since: event.target.value })}
          error={Boolean(objections.field("/since"))}
          helperText={objections.field("/since") ?? "The year it was put in"}
          slotProps={{ htmlInput: { inputMode: "numeric", maxLength: 4 } }}
        />
        <Tick label="Still good" checked={said.good} onChange={(good) => change({ good })} />
      </Box>
    </FormDialog>
  );
}
