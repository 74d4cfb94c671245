import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { ask, client, type Schemas } from "../../api/client";
import { FormDialog } from "../../parts/FormDialog";
import { LengthField } from "../../parts/LengthField";
import { NumberField } from "../../parts/NumberField";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { length, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import type { ViewpointDraft } from "./viewpointDraft";
import { VIEWPOINTS } from "./words";

interface Props {
  roomId: string;
  /** One that is there already. */
  id: string | null;
  version: number;
  draft: ViewpointDraft;
  onKept: (id: string) => Promise<void>;
  onDelete: (() => Promise<void>) | null;
  onClose: () => void;
}

const told = ({ name, kind, x_m, y_m, heading_deg = 0, eye_m = null }: ViewpointDraft): ViewpointDraft => ({
  name,
  kind,
  x_m,
  y_m,
  heading_deg,
  eye_m,
});

function inWords(draft: ViewpointDraft, units: Units): InWords<ViewpointDraft> {
  const { eye_m = null, heading_deg = null } = draft;
  return {
    name: ["Name", draft.name],
    kind: ["What it is", VIEWPOINTS[draft.kind]],
    x_m: ["To the right", length(draft.x_m, units)],
    y_m: ["To the back", length(draft.y_m, units)],
    heading_deg: ["Looks towards", `${heading_deg ?? 0}°`],
    eye_m: ["Eye above the floor", eye_m === null ? "seated or standing" : length(eye_m, units)],
  };
}

/** A place to look from, told in words and measures. */
export function ViewpointDialog({ roomId, id, version, draft: given, onKept, onDelete, onClose }: Props) {
  const units = useUnits();
  const {
    said: draft,
    change,
    objections,
    form,
  } = useKeptForm<ViewpointDraft & { version: number }, ViewpointDraft>({
    thing: id === null ? undefined : { ...given, version },
    saidOf: (known) => told(known ?? given),
    inWords: (one) => inWords(one, units),
    send: async (one, at) => {
      const kept = id
        ? await ask(client.PUT("/api/viewpoints/{id}", { params: { path: { id } }, body: { ...one, version: at } }))
        : await ask(client.POST("/api/rooms/{id}/viewpoints", { params: { path: { id: roomId } }, body: one }));
      await onKept(kept.id);
      onClose();
    },
  });
  return (
    <FormDialog
      title={id ? `Looking from ${given.name}` : "A place to look from"}
      keeps="Keep"
      maxWidth="xs"
      aside={
        onDelete && (
          <Button color="error" onClick={() => void onDelete().then(onClose)}>
            Take it out
          </Button>
        )
      }
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, pt: 1 }}>
        <TextField
          label="Name"
          value={draft.name}
          onChange={(event) => change({ name: event.target.value })}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          required
          sx={{ gridColumn: "1 / -1" }}
        />
        <TextField
          select
          label="What it is"
          value={draft.kind}
          onChange={(event) => {
            const kind = KINDS.find((one) => one === event.target.value);
            if (kind) change({ kind });
          }}
          sx={{ gridColumn: "1 / -1" }}
          helperText="Whoever sits sees from lower"
        >
          {KINDS.map((kind) => (
            <MenuItem key={kind} value={kind}>
              {VIEWPOINTS[kind]}
            </MenuItem>
          ))}
        </TextField>
        <LengthField
          label="To the right"
          value={draft.x_m}
          onChange={(x_m) => x_m !== null && change({ x_m })}
          help="From the left wall"
          error={objections.field("/x_m")}
          required
        />
        <LengthField
          label="To the back"
          value={draft.y_m}
          onChange={(y_m) => y_m !== null && change({ y_m })}
          help="From the front wall"
          error={objections.field("/y_m")}
          required
        />
        <NumberField
          label="Looks towards"
          value={draft.heading_deg ?? 0}
          onChange={(heading_deg) => change({ heading_deg: heading_deg ?? 0 })}
          help="Degrees: 0 to the front wall, 90 to the right"
          error={objections.field("/heading_deg")}
        />
        <LengthField
          label="Eye above the floor"
          value={draft.eye_m ?? null}
          onChange={(eye_m) => change({ eye_m })}
          error={objections.field("/eye_m")}
          placeholder="seated or standing"
        />
      </Box>
    </FormDialog>
  );
}

const KINDS: Schemas["ViewpointKind"][] = ["door", "sofa", "sink", "seat", "photograph", "other"];
