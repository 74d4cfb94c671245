import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useState, type FormEvent } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { ProblemAlert } from "../../parts/ProblemAlert";

/** Puts a tree on the bench: a name and the place it is meant for. */
export function PieceDialog({ room, onClose }: { room: Schemas["RoomOfHome"]; onClose: () => void }) {
  const first = room.places[0];
  const [name, setName] = useState(`${room.name} tree`);
  const [place, setPlace] = useState(first?.id ?? "");
  const [problem, setProblem] = useState<Problem | null>(null);
  const navigate = useNavigate();

  async function add(event: FormEvent) {
    event.preventDefault();
    try {
      const piece = await ask(
        client.POST("/api/rooms/{id}/pieces", {
          params: { path: { id: room.id } },
          body: { name, place_id: place || null },
        }),
      );
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form noValidate onSubmit={(event) => void add(event)}>
        <DialogTitle>Add a tree to {room.name}</DialogTitle>
        <DialogContent>
          <ProblemAlert problem={problem} />
          <Stack spacing={2} sx={{ pt: 1 }}>
            <TextField label="Name" value={name} onChange={(event) => setName(event.target.value)} required autoFocus />
            <TextField
              select
              label="Place"
              value={place}
              onChange={(event) => setPlace(event.target.value)}
              helperText={
                room.places.length === 0
                  ? "The survey of this room notes no place for a tree yet."
                  : "Its free width and depth decide the best size."
              }
              slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
            >
              <MenuItem value="">not decided</MenuItem>
              {room.places.map((known) => (
                <MenuItem key={known.id} value={known.id}>
                  {known.name}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Put it on the bench
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
