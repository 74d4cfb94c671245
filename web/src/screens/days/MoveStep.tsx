import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { weekday } from "../../units/format";
import { DAY, minutesOf, timeField, type Span, type Step, type Worker } from "./dayLayout";
import type { Moves } from "./useMoves";

interface Props {
  span: Span;
  step: Step;
  workers: Worker[];
  moves: Moves;
}

/** Another visit, time or person for a step, without a pointer to pull it. */
export function MoveStep({ span, step, workers, moves }: Props) {
  const visits = span.visits.filter(({ home }) => home === step.home);
  const within = visits.find(
    ({ starts_min = 0 }) => (step.from_min ?? -1) >= starts_min && (step.from_min ?? 0) < starts_min + DAY,
  );
  const [visit, setVisit] = useState(within?.id ?? visits[0]?.id ?? "");
  const [at, setAt] = useState(timeField(step.from_min ?? visits[0]?.from_min ?? 0));
  const [who, setWho] = useState(step.workers);
  const there = workers.filter(({ id }) => visits.find((one) => one.id === visit)?.workers.includes(id));
  const from = minutesOf(at.replace(/^0/, ""));
  if (visits.length === 0) return null;
  return (
    <Box
      component="form"
      aria-label="Move it"
      onSubmit={(event) => {
        event.preventDefault();
        if (from !== null) void moves.move(visit, step, from, who.filter(Boolean));
      }}
      sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1.5 }}
    >
      {visits.length > 1 && (
        <TextField
          select
          size="small"
          label="On"
          value={visit}
          onChange={(event) => setVisit(event.target.value)}
          slotProps={{ select: { native: true } }}
        >
          {visits.map(({ id, held_on }) => (
            <option key={id} value={id}>
              {weekday(held_on)}
            </option>
          ))}
        </TextField>
      )}
      <TextField
        size="small"
        type="time"
        label="At"
        value={at}
        onChange={(event) => setAt(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 136 }}
      />
      {Array.from({ length: step.needs }, (_, i) => (
        <TextField
          key={i}
          select
          size="small"
          label={i === 0 ? "By" : "And"}
          value={who[i] ?? ""}
          onChange={(event) => {
            const next = [...who];
            next[i] = event.target.value;
            setWho(next);
          }}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          <option value="">nobody yet</option>
          {there.map(({ id, name }) => (
            <option key={id} value={id}>
              {name.split(" ")[0]}
            </option>
          ))}
        </TextField>
      ))}
      <Box sx={{ display: "flex", gap: 1, width: "100%" }}>
        <Button type="submit" variant="outlined" disabled={from === null || moves.busy}>
          Put it there
        </Button>
        {step.pinned && (
          <Button disabled={moves.busy} onClick={() => void moves.move(visit, step, null, [])}>
            Let it go where it may
          </Button>
        )}
      </Box>
    </Box>
  );
}
