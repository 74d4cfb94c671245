import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { conflictRows } from "../../parts/ConflictDialog";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { LISTS } from "./words";

type Sighting = Schemas["Sighting"];

interface Said {
  list: Sighting["list"];
  name: string;
  place: string;
  price: number | null;
  decide_by: string;
  note: string;
}

function saidOf(note: Sighting | undefined, list: Sighting["list"]): Said {
  return {
    list: note?.list ?? list,
    name: note?.name ?? "",
    place: note?.place ?? "",
    price: note?.price_cents === undefined || note.price_cents === null ? null : note.price_cents / 100,
    decide_by: note?.decide_by ?? "",
    note: note?.note ?? "",
  };
}

function inWords(said: Said): Record<string, string> {
  return {
    List: LISTS[said.list].name,
    Name: said.name,
    Where: said.place,
    Price: said.price === null ? "" : String(said.price),
    "Decide by": said.decide_by,
    Note: said.note,
  };
}

interface Props {
  note?: Sighting | undefined;
  list: Sighting["list"];
  onClose: () => void;
  onKept: () => Promise<void>;
}

/** Something seen or wished for: what, where, for how much, by when it is decided. */
export function SightingDialog({ note, list, onClose, onKept }: Props) {
  const [said, setSaid] = useState(() => saidOf(note, list));
  const [busy, setBusy] = useState(false);
  const { clash, problem, refused, settle, version } = useVersioned(note);
  const objections = useObjections(problem, said, { "/price_cents": "/price" });
  const change = (changes: Partial<Said>) => setSaid((before) => ({ ...before, ...changes }));

  async function keep(at = version) {
    if (busy) return;
    setBusy(true);
    const { price, decide_by, ...words } = said;
    const body = {
      ...words,
      price_cents: price === null ? null : Math.round(price * 100),
      decide_by: decide_by || null,
    };
    try {
      if (note)
        await ask(
          client.PUT("/api/sightings/{id}", { params: { path: { id: note.id } }, body: { version: at, ...body } }),
        );
      else await ask(client.POST("/api/sightings", { body }));
      await onKept();
      onClose();
    } catch (error) {
      refused(error);
    }
    setBusy(false);
  }

  return (
    <FormDialog
      title={note ? note.name : "Note something"}
      keeps="Keep it"
      busy={busy}
      objections={objections}
      maxWidth="xs"
      conflict={
        clash && {
          rows: conflictRows(inWords(said), inWords(saidOf(clash.theirs, list))),
          keepMine: () => {
            settle();
            void keep(clash.theirs.version);
          },
          takeTheirs: () => {
            setSaid(saidOf(clash.theirs, list));
            settle();
          },
        }
      }
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gap: 2, pt: 1 }}>
        <TextField
          select
          label="List"
          value={said.list}
          onChange={(event) => {
            const chosen = (["seen", "wish", "clearance"] as const).find((one) => one === event.target.value);
            if (chosen) change({ list: chosen });
          }}
        >
          {Object.entries(LISTS).map(([key, { name }]) => (
            <MenuItem key={key} value={key}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label="Name"
          value={said.name}
          onChange={(event) => change({ name: event.target.value })}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          slotProps={{ htmlInput: { maxLength: 120 }, inputLabel: { shrink: true } }}
          autoFocus
        />
        <TextField
          label="Where"
          value={said.place}
          onChange={(event) => change({ place: event.target.value })}
          slotProps={{ htmlInput: { maxLength: 120 }, inputLabel: { shrink: true } }}
        />
        <NumberField
          label="Price"
          value={said.price}
          error={objections.field("/price")}
          onChange={(price) => change({ price })}
        />
        <TextField
          type="date"
          label="Decide by"
          value={said.decide_by}
          onChange={(event) => change({ decide_by: event.target.value })}
          error={Boolean(objections.field("/decide_by"))}
          helperText={objections.field("/decide_by")}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          label="Note"
          multiline
          minRows={2}
          value={said.note}
          onChange={(event) => change({ note: event.target.value })}
          error={Boolean(objections.field("/note"))}
          helperText={objections.field("/note")}
          slotProps={{ htmlInput: { maxLength: 1000 }, inputLabel: { shrink: true } }}
        />
      </Box>
    </FormDialog>
  );
}
