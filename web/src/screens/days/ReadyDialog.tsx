import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { FormDialog } from "../../parts/FormDialog";
import { minutesOf, timeField, type Span, type Visit } from "./dayLayout";

/** By when the rooms of a home are to be ready: before a party, before somebody moves in. */
export function ReadyDialog({ spans, visit, onClose }: { spans: Span[]; visit: Visit; onClose: () => void }) {
  const home = spans.flatMap(({ homes }) => homes).find(({ id }) => id === visit.home);
  const rooms = home?.rooms ?? [];
  const [said, setSaid] = useState(
    rooms.map(({ id, name, ready_on, ready_min }) => ({
      id,
      name,
      on: ready_on ?? "",
      at: ready_min === null ? "" : timeField(ready_min),
    })),
  );
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const objections = useObjections(problem, {});
  const change = (id: string, more: { on?: string; at?: string }) =>
    setSaid(said.map((one) => (one.id === id ? { ...one, ...more } : one)));

  async function keep() {
    setBusy(true);
    try {
      for (const { id, on, at } of said) {
        const before = rooms.find((room) => room.id === id);
        const minute = on ? (minutesOf(at.replace(/^0/, "")) ?? 17 * 60) : null;
        if (on === (before?.ready_on ?? "") && minute === (before?.ready_min ?? null)) continue;
        const body = { ready_on: on || null, ready_min: minute };
        await ask(client.PUT("/api/rooms/{id}/ready-by", { params: { path: { id } }, body }));
      }
      await queryClient.invalidateQueries({ queryKey: keys.days });
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <FormDialog
      title={`${home?.name ?? "The home"}, ready by`}
      keeps="Keep it"
      busy={busy}
      objections={objections}
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <Typography color="textSecondary" gutterBottom>
        Without a day a room is ready when the visits are over. Without a time it is five in the afternoon.
      </Typography>
      {said.map(({ id, name, on, at }) => (
        <Box key={id} sx={{ display: "flex", gap: 1, alignItems: "center", mt: 1.5, flexWrap: "wrap" }}>
          <Typography sx={{ flex: 1, minWidth: 120 }}>{name}</Typography>
          <TextField
            type="date"
            size="small"
            label={`${name}, day`}
            value={on}
            onChange={(event) => change(id, { on: event.target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <TextField
            type="time"
            size="small"
            label={`${name}, time`}
            value={at}
            disabled={!on}
            onChange={(event) => change(id, { at: event.target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        </Box>
      ))}
    </FormDialog>
  );
}
