import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { date } from "../../units/format";
import type { End } from "./stripWords";

/** When spring comes, what says winter among the stems is exchanged: on which day, and for what. */
export function Spring({ end }: { end: End }) {
  const { say } = useUndo();
  const { id, name, spring_on: springOn } = end.home;
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const { spring } = end.bridge;

  async function put(on: string | null) {
    await ask(client.PUT("/api/homes/{id}/spring", { params: { path: { id } }, body: { on } }));
    await queryClient.invalidateQueries({ queryKey: keys.seasonEnd(id) });
    setTyped(null);
    setWrong(null);
  }

  async function keep(on: string | null) {
    if (on === springOn) return;
    try {
      await put(on);
      say(on === null ? `${name} has no day for spring.` : `${name} changes to spring on ${date(on)}.`, () =>
        put(springOn),
      );
    } catch (error) {
      setWrong(asProblem(error).message);
    }
  }

  return (
    <Box component="section" aria-label="In spring" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>
        In spring
      </Typography>
      <TextField
        type="date"
        size="small"
        label="Stems are exchanged on"
        value={typed ?? springOn ?? ""}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => typed !== null && void keep(typed || null)}
        error={wrong !== null}
        helperText={wrong}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ my: 1 }}
        fullWidth
      />
      {spring.length === 0 && (
        <Typography variant="body2" color="textSecondary">
          Nothing that stays says winter.
        </Typography>
      )}
      {spring.map(({ piece, out, count, into, put: many }, i) => (
        <Box key={`${piece} ${i}`} sx={{ py: 0.75, borderTop: 1, borderColor: "divider" }}>
          <Typography variant="body2">
            {count} {out}, {end.pieces.find((one) => one.id === piece)?.name ?? "it"}
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {into ? `→ ${many} ${into.name}` : "→ no stems of the whole year are free for it"}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
