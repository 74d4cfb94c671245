import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { usePaints } from "../looks/useLook";

const reread = () => queryClient.invalidateQueries({ queryKey: keys.paints });

/** Leftover wall paint, kept as swatches with its room: a look may begin from it. */
export function Paints({ roomId }: { roomId: string }) {
  const paints = (usePaints().data?.items ?? []).filter(({ room_id }) => room_id === roomId);
  const [name, setName] = useState("");
  const [srgb, setSrgb] = useState("#d8d4c8");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const { say } = useUndo();
  const post = (paint: { name: string; srgb: string }) =>
    ask(client.POST("/api/rooms/{id}/paints", { params: { path: { id: roomId } }, body: paint }));

  async function keep() {
    if (busy) return;
    setBusy(true);
    try {
      await post({ name, srgb });
      setName("");
      setProblem(null);
      await reread();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  async function remove(paint: (typeof paints)[number]) {
    try {
      await ask(client.DELETE("/api/paints/{id}", { params: { path: { id: paint.id } } }));
      say(`${paint.name} was taken out.`, async () => {
        await post({ name: paint.name, srgb: paint.srgb });
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
    await reread();
  }

  return (
    <Box component="section" aria-label="Paint of this room" sx={{ mt: 3 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        Paint of this room
      </Typography>
      {paints.length === 0 && (
        <Typography color="textSecondary" sx={{ mb: 1.5 }}>
          None is kept yet. A look may begin from what is left over.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, mb: 1.5, listStyle: "none", maxWidth: 420 }}>
        {paints.map((paint) => (
          <Box component="li" key={paint.id} sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
            <Box
              aria-hidden
              sx={{
                width: 28,
                height: 20,
                bgcolor: paint.srgb,
                border: 1,
                borderColor: "divider",
                borderRadius: "2px",
              }}
            />
            <Typography sx={{ flex: 1 }}>{paint.name}</Typography>
            <IconButton size="small" aria-label={`Take ${paint.name} out`} onClick={() => void remove(paint)}>
              <Close fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: "flex", gap: 1, alignItems: "flex-start" }}>
        <Box
          component="input"
          type="color"
          value={srgb}
          aria-label="Colour of the paint"
          onChange={(event: React.ChangeEvent<HTMLInputElement>) => setSrgb(event.target.value)}
          sx={{ width: 44, height: 40, p: 0, border: 0, bgcolor: "transparent", flexShrink: 0 }}
        />
        <TextField
          label="Name on the tin"
          value={name}
          onChange={(event) => setName(event.target.value)}
          error={Boolean(problem)}
          helperText={problem?.field("/name") ?? problem?.message}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
          sx={{ flex: 1, maxWidth: 280 }}
        />
        <Button
          variant="outlined"
          disabled={busy || name.trim() === ""}
          onClick={() => void keep()}
          sx={{ height: 40 }}
        >
          Keep this paint
        </Button>
      </Box>
    </Box>
  );
}
