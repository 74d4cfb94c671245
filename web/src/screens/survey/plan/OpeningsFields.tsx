import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useHome } from "../../../api/queries";
import { InTurn } from "../../../parts/InTurn";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { SurveyForm } from "../useSurvey";
import { newOpening, wallsOf, type Opening } from "./planDraft";
import { WallSelect } from "./WallSelect";

const KINDS: Record<Opening["kind"], string> = { door: "door", window: "window", passage: "way through" };
const KIND_NAMES: Opening["kind"][] = ["door", "window", "passage"];
const SWINGS: Record<Opening["swing"], string> = {
  none: "no leaf, or it slides",
  in_left: "into the room, hinged left",
  in_right: "into the room, hinged right",
  out_left: "outward, hinged left",
  out_right: "outward, hinged right",
};
const SWING_NAMES: Opening["swing"][] = ["none", "in_left", "in_right", "out_left", "out_right"];
const NOWHERE = "";

interface Props {
  form: SurveyForm;
  homeId: string;
  roomId: string | undefined;
}

/** Doors with their swing, windows, ways through to other rooms: wreaths hang there, and eyes go through. */
export function OpeningsFields({ form, homeId, roomId }: Props) {
  const { plan } = form.draft;
  const rooms = (useHome(homeId).data?.rooms ?? []).filter(({ id }) => id !== roomId);
  const keep = (openings: Opening[]) => form.change({ plan: { ...plan, openings } });
  const first = wallsOf(plan)[0]?.key ?? "front";
  return (
    <Box component="section" aria-label="Doors, windows and ways through" sx={{ mt: 4 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        Doors, windows and ways through
      </Typography>
      <InTurn>
        {plan.openings.map((opening, i) => {
          const change = (part: Partial<Opening>) =>
            keep(plan.openings.map((one, at) => (at === i ? { ...one, ...part } : one)));
          const wrong = (name: string) => form.objections.field(`/plan/openings/${i}/${name}`);
          const title = opening.name || `${KINDS[opening.kind]} ${i + 1}`;
          return (
            <Paper key={i} variant="outlined" role="group" aria-label={title} sx={{ p: 2, mb: 1.5 }}>
              <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr" }, gap: 1.5 }}>
                <InTurn>
                  <TextField
                    label="Name"
                    value={opening.name}
                    placeholder={title}
                    onChange={(event) => change({ name: event.target.value })}
                    error={Boolean(wrong("name"))}
                    helperText={wrong("name")}
                    slotProps={{ inputLabel: { shrink: true } }}
                  />
                  <WallSelect
                    plan={plan}
                    value={opening.wall}
                    onChange={(wall) => change({ wall })}
                    error={wrong("wall")}
                  />
                  <LengthField
                    label="From the left"
                    value={opening.left_m}
                    onChange={(left_m) => left_m !== null && change({ left_m })}
                    error={wrong("left_m")}
                  />
                  <LengthField
                    label="Width"
                    value={opening.width_m}
                    onChange={(width_m) => width_m !== null && change({ width_m })}
                    error={wrong("width_m")}
                  />
                  <LengthField
                    label="Height"
                    value={opening.height_m}
                    onChange={(height_m) => height_m !== null && change({ height_m })}
                    error={wrong("height_m")}
                  />
                  {opening.kind === "window" ? (
                    <LengthField
                      label="Above the floor"
                      value={opening.floor_m}
                      onChange={(floor_m) => floor_m !== null && change({ floor_m })}
                      error={wrong("floor_m")}
                    />
                  ) : (
                    <TextField
                      select
                      label="Leads to"
                      value={rooms.some(({ id }) => id === opening.leads_to) ? opening.leads_to : NOWHERE}
                      onChange={(event) => change({ leads_to: event.target.value || null })}
                      error={Boolean(wrong("leads_to"))}
                      helperText={wrong("leads_to")}
                      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
                    >
                      <MenuItem value={NOWHERE}>outside, or no room here</MenuItem>
                      {rooms.map(({ id, name }) => (
                        <MenuItem key={id} value={id}>
                          {name}
                        </MenuItem>
                      ))}
                    </TextField>
                  )}
                  {opening.kind === "door" && (
                    <TextField
                      select
                      label="Opens"
                      value={opening.swing}
                      onChange={(event) => {
                        const swing = SWING_NAMES.find((one) => one === event.target.value);
                        if (swing) change({ swing });
                      }}
                      sx={{ gridColumn: { sm: "span 2" } }}
                    >
                      {SWING_NAMES.map((swing) => (
                        <MenuItem key={swing} value={swing}>
                          {SWINGS[swing]}
                        </MenuItem>
                      ))}
                    </TextField>
                  )}
                  {opening.kind === "door" && (
                    <Tick
                      label="Stands open: one sees through it"
                      checked={opening.stands_open}
                      onChange={(stands_open) => change({ stands_open })}
                    />
                  )}
                </InTurn>
              </Box>
              <Button
                size="small"
                color="inherit"
                sx={{ mt: 1 }}
                onClick={() => keep(plan.openings.filter((_, at) => at !== i))}
              >
                Take {title} out
              </Button>
            </Paper>
          );
        })}
      </InTurn>
      {KIND_NAMES.map((kind) => (
        <Button key={kind} onClick={() => keep([...plan.openings, newOpening(kind, first)])}>
          Add a {KINDS[kind]}
        </Button>
      ))}
    </Box>
  );
}
