import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { useObjections } from "../../api/useObjections";
import type { Kind } from "../../kinds/kind";
import { KIND_NAMES, KINDS } from "../../kinds/registry";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { FormDialog } from "../../parts/FormDialog";
import { useOnce } from "../../parts/useOnce";

/** Puts a piece on the bench: what it is, a name and, for a tree, the place it is meant for. */
export function PieceDialog({ room, onClose }: { room: Schemas["RoomOfHome"]; onClose: () => void }) {
  const first = room.places[0];
  const [kind, setKind] = useState<Kind>("tree");
  const [typed, setTyped] = useState<string | null>(null);
  const name = typed ?? KINDS[kind].nameIn(room.name);
  const [place, setPlace] = useState(first?.id ?? "");
  const [problem, setProblem] = useState<Problem | null>(null);
  const objections = useObjections(problem, { name, kind, place_id: place });
  const { busy, once } = useOnce();
  const navigate = useNavigate();

  async function add() {
    try {
      const piece = await ask(
        client.POST("/api/rooms/{id}/pieces", {
          params: { path: { id: room.id } },
          body: { name, kind, place_id: KINDS[kind].stands ? place || null : null },
        }),
      );
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <FormDialog
      title={`Add a piece to ${room.name}`}
      keeps="Put it on the bench"
      maxWidth="xs"
      busy={busy}
      objections={objections}
      onKeep={() => void once(add)}
      onClose={onClose}
    >
      <Stack spacing={2} sx={{ pt: 1 }}>
        <ChoiceDial
          label="What is dressed"
          value={kind}
          choices={KIND_NAMES.map((value) => ({ value, label: KINDS[value].label }))}
          onChange={setKind}
        />
        <TextField
          label="Name"
          value={name}
          onChange={(event) => setTyped(event.target.value)}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          required
          autoFocus
        />
        {KINDS[kind].stands && (
          <TextField
            select
            label="Place"
            value={place}
            onChange={(event) => setPlace(event.target.value)}
            error={Boolean(objections.field("/place_id"))}
            helperText={
              objections.field("/place_id") ??
              (room.places.length === 0
                ? "The survey of this room notes no place for a tree yet."
                : "Its free width and depth decide the best size.")
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
        )}
      </Stack>
    </FormDialog>
  );
}
