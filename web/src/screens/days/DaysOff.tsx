import Add from "@mui/icons-material/Add";
import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { FormDialog } from "../../parts/FormDialog";
import { useUndo } from "../../parts/undo";
import { weekday } from "../../units/format";

type DayOff = Schemas["DayOff"];
type Home = Schemas["Days"]["homes"][number];

const reread = () => queryClient.invalidateQueries({ queryKey: keys.days });

function says({ from_on, to_on }: DayOff): string {
  return from_on === to_on ? weekday(from_on) : `${weekday(from_on)} to ${weekday(to_on)}`;
}

/** Days on which nobody works, anywhere or in one home. */
export function DaysOff({ daysOff, homes }: { daysOff: DayOff[]; homes: Home[] }) {
  const [adding, setAdding] = useState(false);
  const { say } = useUndo();

  async function remove(one: DayOff) {
    const params = { path: { id: one.id } };
    try {
      await ask(client.DELETE("/api/days-off/{id}", { params }));
      await reread();
      say(`${says(one)} is worked on.`, async () => {
        await ask(client.POST("/api/days-off/{id}/restore", { params, body: {} }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <Box component="section" aria-label="Days off" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>
        Days off
      </Typography>
      {daysOff.map((one) => (
        <Box key={one.id} sx={{ display: "flex", alignItems: "center", borderBottom: 1, borderColor: "divider" }}>
          <Box sx={{ flex: 1, py: 0.75 }}>
            <Typography sx={{ fontWeight: 600 }}>{says(one)}</Typography>
            <Typography variant="body2" color="textSecondary">
              {[one.why, homes.find(({ id }) => id === one.home)?.name ?? "everywhere"].filter(Boolean).join(", ")}
            </Typography>
          </Box>
          <IconButton aria-label={`Work on ${says(one)} after all`} onClick={() => void remove(one)}>
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </Box>
      ))}
      <Button startIcon={<Add />} onClick={() => setAdding(true)}>
        Add days off
      </Button>
      {adding && <DayOffDialog homes={homes} onClose={() => setAdding(false)} />}
    </Box>
  );
}

function DayOffDialog({ homes, onClose }: { homes: Home[]; onClose: () => void }) {
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const [why, setWhy] = useState("");
  const [home, setHome] = useState("");
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const body = { from_on: from, to_on: to || from, why, home: home || null };
  const objections = useObjections(problem, body);
  const date = { inputLabel: { shrink: true } };

  async function keep() {
    setBusy(true);
    try {
      await ask(client.POST("/api/days-off", { body }));
      await reread();
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <FormDialog
      title="Days off"
      keeps="Add them"
      busy={busy}
      maxWidth="xs"
      objections={objections}
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "flex", flexDirection: "column", gap: 2, pt: 1 }}>
        <TextField
          type="date"
          label="First day"
          value={from}
          onChange={(event) => setFrom(event.target.value)}
          error={objections.field("/from_on") !== undefined}
          helperText={objections.field("/from_on")}
          slotProps={date}
        />
        <TextField
          type="date"
          label="Last day"
          value={to}
          onChange={(event) => setTo(event.target.value)}
          error={objections.field("/to_on") !== undefined}
          helperText={objections.field("/to_on") ?? "Left empty it is one day."}
          slotProps={date}
        />
        <TextField label="Why" value={why} onChange={(event) => setWhy(event.target.value.slice(0, 120))} />
        <TextField
          select
          label="Where"
          value={home}
          onChange={(event) => setHome(event.target.value)}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          <option value="">everywhere</option>
          {homes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </TextField>
      </Box>
    </FormDialog>
  );
}
