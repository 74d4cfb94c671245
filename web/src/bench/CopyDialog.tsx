import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client, type Problem } from "../api/client";
import { keys } from "../api/queries";
import type { Kind } from "../kinds/kind";
import { KINDS } from "../kinds/registry";
import { FindList, type Found } from "../parts/FindList";
import { ProblemAlert } from "../parts/ProblemAlert";

interface Props {
  piece: { id: string; kind: Kind };
  name: string;
  onClose: () => void;
}

/** A piece like this one in another place: it fits itself to what it finds there. */
export function CopyDialog({ piece, name, onClose }: Props) {
  const [room, setRoom] = useState<Found | null>(null);
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="copy-title">
      <DialogTitle id="copy-title">{room ? `${name} in ${room.name}` : `Copy ${name} to which room?`}</DialogTitle>
      {room ? (
        <CopyForm piece={piece} name={name} room={room} onClose={onClose} />
      ) : (
        <>
          <DialogContent>
            <Stack sx={{ pt: 1 }}>
              <FindList label="A part of the room's name" only="room" onChoose={setRoom} />
            </Stack>
          </DialogContent>
          <DialogActions>
            <Button onClick={onClose}>Cancel</Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}

function CopyForm({ piece, name, room, onClose }: Props & { room: Found }) {
  const { stands } = KINDS[piece.kind];
  const [typed, setTyped] = useState(name);
  const [place, setPlace] = useState<string | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const survey = useQuery({
    queryKey: keys.room(room.id),
    queryFn: () => ask(client.GET("/api/rooms/{id}", { params: { path: { id: room.id } } })),
  });
  const places = survey.data?.places ?? [];
  const chosen = place ?? places[0]?.id ?? "";

  async function copy(event: FormEvent) {
    event.preventDefault();
    setBusy(true);
    try {
      const made = await ask(
        client.POST("/api/pieces/{id}/copies", {
          params: { path: { id: piece.id } },
          body: { name: typed, room_id: room.id, place_id: stands ? chosen || null : null },
        }),
      );
      onClose();
      await navigate(`/pieces/${made.id}`);
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <form noValidate onSubmit={(event) => void copy(event)}>
      <DialogContent>
        <ProblemAlert problem={problem} />
        <Stack spacing={2} sx={{ pt: 1 }}>
          <TextField label="Name" value={typed} onChange={(event) => setTyped(event.target.value)} required autoFocus />
          {stands && (
            <TextField
              select
              label="Place"
              value={chosen}
              onChange={(event) => setPlace(event.target.value)}
              slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
            >
              <MenuItem value="">not decided</MenuItem>
              {places.map((known) => (
                <MenuItem key={known.id} value={known.id}>
                  {known.name}
                </MenuItem>
              ))}
            </TextField>
          )}
          <Typography variant="body2" color="textSecondary">
            {stands
              ? "Where it is too tall it becomes the best size of the place, and its counts follow. What is up stays with the other one."
              : "Its measures come along; dial them to the new place, and its greens follow."}
          </Typography>
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button type="submit" variant="contained" disabled={busy || survey.isPending}>
          Copy it there
        </Button>
      </DialogActions>
    </form>
  );
}
