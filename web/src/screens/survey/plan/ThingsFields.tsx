import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { InTurn } from "../../../parts/InTurn";
import { LengthField } from "../../../parts/LengthField";
import { THINGS } from "../../room-view/words";
import type { SurveyForm } from "../useSurvey";
import { newThing, wallsOf, type Socket, type Thing } from "./planDraft";
import { WallSelect } from "./WallSelect";

const KINDS = Object.keys(THINGS) as Thing["kind"][];

/** Furniture and what hangs there: eyes go past it, beams weigh it, ways lead round it; and where sockets are. */
export function ThingsFields({ form }: { form: SurveyForm }) {
  const { plan } = form.draft;
  const [kind, setKind] = useState<Thing["kind"]>("sofa");
  const keep = (things: Thing[]) => form.change({ plan: { ...plan, things } });
  const keepSockets = (sockets: Socket[]) => form.change({ plan: { ...plan, sockets } });
  const first = wallsOf(plan)[0]?.key ?? "front";
  return (
    <Box component="section" aria-label="Furniture and what hangs there" sx={{ mt: 4 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        Furniture and what hangs there
      </Typography>
      <InTurn>
        {plan.things.map((thing, i) => {
          const change = (part: Partial<Thing>) =>
            keep(plan.things.map((one, at) => (at === i ? { ...one, ...part } : one)));
          const wrong = (name: string) => form.objections.field(`/plan/things/${i}/${name}`);
          const measure = (label: string, name: "at_m" | "width_m" | "depth_m" | "height_m" | "floor_m") => (
            <LengthField
              label={label}
              value={thing[name]}
              onChange={(metres) => metres !== null && change({ [name]: metres })}
              error={wrong(name)}
            />
          );
          return (
            <Paper
              key={i}
              variant="outlined"
              role="group"
              aria-label={thing.name || THINGS[thing.kind]}
              sx={{ p: 2, mb: 1.5 }}
            >
              <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr" }, gap: 1.5 }}>
                <InTurn>
                  <TextField
                    label="Name"
                    value={thing.name}
                    onChange={(event) => change({ name: event.target.value })}
                    error={Boolean(wrong("name"))}
                    helperText={wrong("name")}
                    required
                  />
                  <WallSelect
                    plan={plan}
                    value={thing.wall}
                    onChange={(wall) => change({ wall })}
                    error={wrong("wall")}
                  />
                  {measure("Its middle from the left", "at_m")}
                  {measure("Width", "width_m")}
                  {measure("Depth", "depth_m")}
                  {measure("Height", "height_m")}
                  {measure("Above the floor", "floor_m")}
                  <LengthField
                    label="Its middle from the wall"
                    value={thing.out_m}
                    onChange={(out_m) => change({ out_m })}
                    error={wrong("out_m")}
                    placeholder="with its back to it"
                  />
                  <TextField
                    type="color"
                    label="Colour"
                    value={thing.colour ?? "#8b7a66"}
                    onChange={(event) => change({ colour: event.target.value })}
                    slotProps={{ inputLabel: { shrink: true } }}
                  />
                </InTurn>
              </Box>
              <Button
                size="small"
                color="inherit"
                sx={{ mt: 1 }}
                onClick={() => keep(plan.things.filter((_, at) => at !== i))}
              >
                Take {thing.name || THINGS[thing.kind]} out
              </Button>
            </Paper>
          );
        })}
      </InTurn>
      <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
        <TextField
          select
          label="What else"
          value={kind}
          onChange={(event) => {
            const chosen = KINDS.find((one) => one === event.target.value);
            if (chosen) setKind(chosen);
          }}
          fullWidth={false}
          sx={{ width: 190 }}
        >
          {KINDS.map((one) => (
            <MenuItem key={one} value={one}>
              {THINGS[one]}
            </MenuItem>
          ))}
        </TextField>
        <Button
          startIcon={<Add />}
          onClick={() => keep([...plan.things, newThing(kind, capital(THINGS[kind]), first)])}
        >
          Add it
        </Button>
      </Box>
      <Typography variant="h3" component="h3" sx={{ mt: 3, mb: 1 }}>
        Sockets
      </Typography>
      <InTurn>
        {plan.sockets.map((socket, i) => {
          const change = (part: Partial<Socket>) =>
            keepSockets(plan.sockets.map((one, at) => (at === i ? { ...one, ...part } : one)));
          const wrong = (name: string) => form.objections.field(`/plan/sockets/${i}/${name}`);
          return (
            <Box
              key={i}
              role="group"
              aria-label={`Socket ${i + 1}`}
              sx={{
                display: "grid",
                gridTemplateColumns: "1.2fr 1fr 1fr auto",
                gap: 1.5,
                mb: 1.5,
                alignItems: "start",
              }}
            >
              <WallSelect plan={plan} value={socket.wall} onChange={(wall) => change({ wall })} error={wrong("wall")} />
              <LengthField
                label="From the left"
                value={socket.at_m}
                onChange={(at_m) => at_m !== null && change({ at_m })}
                error={wrong("at_m")}
              />
              <LengthField
                label="Above the floor"
                value={socket.floor_m}
                onChange={(floor_m) => floor_m !== null && change({ floor_m })}
                error={wrong("floor_m")}
              />
              <Button
                size="small"
                color="inherit"
                aria-label={`Take socket ${i + 1} out`}
                onClick={() => keepSockets(plan.sockets.filter((_, at) => at !== i))}
              >
                Out
              </Button>
            </Box>
          );
        })}
      </InTurn>
      <Button
        startIcon={<Add />}
        onClick={() => keepSockets([...plan.sockets, { wall: first, at_m: 0.5, floor_m: 0.3 }])}
      >
        Add a socket
      </Button>
    </Box>
  );
}

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
