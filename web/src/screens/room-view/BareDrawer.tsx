import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { FormAlert } from "../../parts/ProblemAlert";
import { SideDrawer } from "../../parts/SideDrawer";
import { useUndo } from "../../parts/undo";

const FOR_A_REASON = "";

interface Props {
  roomId: string;
  pieces: Pick<Schemas["Standing"], "id" | "name">[];
  onClose: () => void;
}

/** What stays bare, and why; a reason that is a piece goes with it. */
export function BareDrawer({ roomId, pieces, onClose }: Props) {
  const cache = useQueryClient();
  const { say } = useUndo();
  const path = { params: { path: { id: roomId } } };
  const bare = useQuery({
    queryKey: keys.bare(roomId),
    queryFn: () => ask(client.GET("/api/rooms/{id}/bare", path)),
    staleTime: 0,
  });
  const [name, setName] = useState("");
  const [reason, setReason] = useState("");
  const [piece, setPiece] = useState(FOR_A_REASON);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const said = { name, reason, piece_id: piece || null };
  const objections = useObjections(problem, said);
  const reread = () => cache.invalidateQueries({ queryKey: keys.bare(roomId) });

  async function leave() {
    if (busy) return;
    setBusy(true);
    try {
      await ask(client.POST("/api/rooms/{id}/bare", { ...path, body: said }));
      setName("");
      setReason("");
      setPiece(FOR_A_REASON);
      setProblem(null);
      await reread();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  async function dress(one: Schemas["BarePlace"]) {
    const of = { params: { path: { id: one.id } } };
    try {
      await ask(client.DELETE("/api/bare/{id}", of));
      say(`${one.name} may be dressed again.`, async () => {
        await ask(client.POST("/api/bare/{id}/restore", of));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
    await reread();
  }

  const items = bare.data?.items ?? [];
  return (
    <SideDrawer title="What stays bare" closes="Close what stays bare" onClose={onClose}>
      {items.length === 0 && (
        <Typography variant="body2" color="textSecondary" sx={{ mb: 2 }}>
          {bare.isPending ? "Looking …" : "Nothing yet. What is left bare lets the rest be seen."}
        </Typography>
      )}
      {items.map((one) => (
        <Box
          key={one.id}
          sx={(theme) => ({
            display: "flex",
            gap: 1,
            alignItems: "flex-start",
            py: 1,
            borderBottom: `1px solid ${theme.palette.divider}`,
          })}
        >
          <Box sx={{ flex: 1 }}>
            <Typography sx={{ fontWeight: 600 }}>{one.name}</Typography>
            <Typography variant="body2" color="textSecondary">
              {one.lifted
                ? `${one.piece ?? ""} is gone: it may be dressed again.`
                : [one.piece ? `because of ${one.piece}` : "", one.reason].filter(Boolean).join(": ")}
            </Typography>
          </Box>
          <IconButton aria-label={`Dress ${one.name} after all`} size="small" onClick={() => void dress(one)}>
            <Close fontSize="small" />
          </IconButton>
        </Box>
      ))}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          void leave();
        }}
        sx={{ display: "grid", gap: 2, mt: 2 }}
      >
        <FormAlert objections={objections} />
        <TextField
          label="What stays bare"
          value={name}
          onChange={(event) => setName(event.target.value)}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          placeholder="Window board"
        />
        <TextField
          select
          label="Because of"
          value={piece}
          onChange={(event) => setPiece(event.target.value)}
          error={Boolean(objections.field("/piece_id"))}
          helperText={objections.field("/piece_id") ?? "When that piece goes, so does the reason"}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value={FOR_A_REASON}>a reason in words</MenuItem>
          {pieces.map(({ id, name: of }) => (
            <MenuItem key={id} value={id}>
              {of}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label="Why"
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          error={Boolean(objections.field("/reason"))}
          helperText={objections.field("/reason")}
        />
        <Button type="submit" variant="contained" disabled={busy}>
          Leave it bare
        </Button>
      </Box>
    </SideDrawer>
  );
}
