import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { Loading } from "../../parts/Loading";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { weekday } from "../../units/format";
import { clockOf, DAY, type Span, type Visit, type Worker } from "./dayLayout";

type Told = Schemas["WhatIfTold"]["now"][number];

interface Props {
  spans: Span[];
  visit: Visit;
  workers: Worker[];
  onClose: () => void;
}

function endOf({ end_min, first_on, unplaced }: Told): string {
  if (end_min === null) return unplaced > 0 ? "not at all" : "nothing to do";
  const day = new Date(`${first_on}T12:00:00Z`);
  day.setUTCDate(day.getUTCDate() + Math.floor(end_min / DAY));
  return `${weekday(day.toISOString().slice(0, 10))} ${clockOf(end_min)}`;
}

function lacking({ unplaced }: Told): string {
  return unplaced === 0 ? "" : `, ${unplaced} without a place`;
}

/** What is expected when is told among the days and in buying. */
function refreshed() {
  return Promise.all([keys.days, keys.buying].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
}

/** Somebody ill, a visit less, something late: what it comes to beside what is planned, before any of it is kept. */
export function WhatIfDialog({ spans, visit, workers, onClose }: Props) {
  const span = spans.find(({ visits }) => visits.some(({ id }) => id === visit.id));
  const there = workers.filter(({ id }) => visit.workers.includes(id));
  const coming = [
    ...new Map(
      (span?.steps ?? []).flatMap(({ comes }) => (comes && !comes.made ? [[comes.style, comes] as const] : [])),
    ).values(),
  ];
  const choices = [
    ...there.map(({ id, name }) => ({ key: `ill ${id}`, says: `${name} is ill that day`, asked: { ill: id } })),
    { key: "without", says: "this visit falls out", asked: { without: true } },
    ...coming.map((one) => ({ key: `late ${one.style}`, says: `${one.label} comes late`, asked: null })),
  ];
  const undo = useUndo();
  const [chosen, setChosen] = useState(choices[0]?.key ?? "without");
  const [on, setOn] = useState(visit.held_on);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const style = chosen.startsWith("late ") ? chosen.slice("late ".length) : null;
  const asked: Schemas["WhatIf"] = style
    ? { late: { style, on } }
    : (choices.find(({ key }) => key === chosen)?.asked ?? {});
  const told = useQuery({
    queryKey: [...keys.days, "what-if", visit.id, asked],
    queryFn: () => ask(client.POST("/api/visits/{id}/what-if", { params: { path: { id: visit.id } }, body: asked })),
    placeholderData: (before) => before,
  });

  const says = choices.find(({ key }) => key === chosen)?.says ?? "";

  async function keep() {
    setBusy(true);
    const path = { path: { id: visit.id } };
    try {
      const before = await ask(client.POST("/api/visits/{id}/what-if/keep", { params: path, body: asked }));
      await refreshed();
      undo.say(style ? `It comes on ${weekday(on)}.` : `It is kept: ${says}.`, async () => {
        if (asked.without) await ask(client.POST("/api/visits/{id}/restore", { params: path }));
        for (const { id, ...body } of before.visits)
          await ask(client.PUT("/api/visits/{id}", { params: { path: { id } }, body }));
        for (const { id, ...body } of before.purchases)
          await ask(client.PUT("/api/purchases/{id}", { params: { path: { id } }, body }));
        await refreshed();
      });
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>What if, on {weekday(visit.held_on)} …</DialogTitle>
      <DialogContent sx={{ display: "flex", flexDirection: "column", gap: 2 }}>
        <ProblemAlert problem={problem ?? (told.error ? asProblem(told.error) : null)} />
        <TextField
          select
          label="What if"
          value={chosen}
          onChange={(event) => setChosen(event.target.value)}
          slotProps={{ select: { native: true } }}
          sx={{ mt: 1 }}
        >
          {choices.map(({ key, says }) => (
            <option key={key} value={key}>
              {says}
            </option>
          ))}
        </TextField>
        {style && (
          <TextField
            type="date"
            label="It comes on"
            value={on}
            onChange={(event) => event.target.value && setOn(event.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        )}
        {!told.data ? (
          told.isPending && <Loading what="what it comes to" />
        ) : (
          <Box
            component="table"
            sx={{
              borderCollapse: "collapse",
              "& th, & td": { textAlign: "left", py: 0.75, pr: 2, verticalAlign: "top" },
            }}
          >
            <thead>
              <tr>
                <td />
                <th scope="col">Now</th>
                <th scope="col">Then</th>
              </tr>
            </thead>
            <tbody>
              {told.data.now.map((now, i) => {
                const then = told.data.then[i] ?? now;
                const same = endOf(then) === endOf(now) && then.unplaced === now.unplaced;
                return (
                  <tr key={i}>
                    <th scope="row">{now.name}</th>
                    <td>
                      {endOf(now)}
                      {lacking(now)}
                    </td>
                    <td>
                      {same ? (
                        <Typography color="textSecondary">the same</Typography>
                      ) : (
                        <strong>
                          {endOf(then)}
                          {lacking(then)}
                        </strong>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </Box>
        )}
        {(told.data?.more ?? 0) > 0 && (
          <Typography>Other days change as well; they are told once it is kept.</Typography>
        )}
        {style && (
          <Typography variant="body2" color="textSecondary">
            All that was ordered with it comes on that day too. Kept, it is the day that Buying tells.
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it as it is</Button>
        <Button
          variant="contained"
          disabled={busy || !told.isSuccess || told.isPlaceholderData}
          onClick={() => void keep()}
        >
          Keep it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
