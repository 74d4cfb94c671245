import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useLatest } from "../../parts/useLatest";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { useObjections } from "../../api/useObjections";
import { LengthField } from "../../parts/LengthField";
import { LengthReadingsProvider, useLengthReadings } from "../../parts/lengthReadings";
import { NumberField } from "../../parts/NumberField";
import { FormAlert } from "../../parts/ProblemAlert";
import { VIEWPOINTS } from "./words";

export type ViewpointDraft = Schemas["ViewpointFields"];

export function draftOf({ name, kind, x_m, y_m, heading_deg }: Schemas["ViewSeen"]): ViewpointDraft {
  return { name, kind, x_m, y_m, heading_deg };
}

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

/** A place to look from, told in words and measures. */
export function ViewpointDialog(props: Props) {
  return (
    <LengthReadingsProvider>
      <Form {...props} />
    </LengthReadingsProvider>
  );
}

function Form({ roomId, id, version, draft: given, onKept, onDelete, onClose }: Props) {
  const [draft, change, latest] = useLatest(given);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const objections = useObjections(problem, draft);
  const readings = useLengthReadings();

  async function keep() {
    if (busy || !(await (readings?.settled() ?? true))) return;
    setBusy(true);
    try {
      const kept = id
        ? await ask(client.PUT("/api/viewpoints/{id}", { params: { path: { id } }, body: { ...latest(), version } }))
        : await ask(client.POST("/api/rooms/{id}/viewpoints", { params: { path: { id: roomId } }, body: latest() }));
      await onKept(kept.id);
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="viewpoint-title">
      <DialogTitle id="viewpoint-title">{id ? `Looking from ${given.name}` : "A place to look from"}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr", pt: "8px !important" }}>
        <FormAlert objections={objections} />
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
      </DialogContent>
      <DialogActions>
        {onDelete && (
          <Button color="error" onClick={() => void onDelete().then(onClose)} sx={{ mr: "auto" }}>
            Take it out
          </Button>
        )}
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" onClick={() => void keep()} disabled={busy}>
          Keep
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const KINDS: Schemas["ViewpointKind"][] = ["door", "sofa", "sink", "seat", "photograph", "other"];
