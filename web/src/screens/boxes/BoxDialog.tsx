import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { conflictRows, type ConflictRow } from "../../parts/ConflictDialog";
import { MeasuredField } from "../../parts/MeasuredField";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useUndo } from "../../parts/undo";
import { volume, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";

interface Props {
  box?: Schemas["Box"] | undefined;
  /** Shelves there are, to be chosen again. */
  places: string[];
  onDone: (box: Schemas["Box"]) => void;
  onClose: () => void;
}

const COMMON_LITRES = 45;

type Said = Pick<Schemas["Box"], "name" | "place" | "litres"> & { number: number | null };

function differences(mine: Said, theirs: Said, units: Units): ConflictRow[] {
  const told = ({ number, place, name, litres }: Said) => ({
    "Number on its label": String(number ?? ""),
    "Where it stands": place,
    "What it is called": name,
    Holds: volume(litres, units),
  });
  return conflictRows(told(mine), told(theirs));
}

/** A box: its number, what it is called, where it stands and how much it holds. */
export function BoxDialog({ box, places, onDone, onClose }: Props) {
  const [said, setSaid] = useState({
    number: box?.number ?? null,
    name: box?.name ?? "",
    place: box?.place ?? places[0] ?? "",
    litres: box?.litres ?? COMMON_LITRES,
  });
  const [busy, setBusy] = useState(false);
  const units = useUnits();
  const { clash, problem, refused, settle, version } = useVersioned(box);
  const objections = useObjections(problem, said);
  const { say } = useUndo();
  const change = (changes: Partial<typeof said>) => setSaid((before) => ({ ...before, ...changes }));

  async function keep(at = version) {
    if (busy) return;
    setBusy(true);
    const { number, ...rest } = said;
    try {
      const kept = box
        ? await ask(
            client.PUT("/api/boxes/{id}", {
              params: { path: { id: box.id } },
              body: { version: at, number: number ?? box.number, ...rest },
            }),
          )
        : await ask(client.POST("/api/boxes", { body: { ...rest, ...(number !== null && { number }) } }));
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(`Box ${kept.number} was kept.`);
      onDone(kept);
    } catch (error) {
      refused(error);
    }
    setBusy(false);
  }

  return (
    <FormDialog
      title={box ? `Box ${box.number}` : "Add a box"}
      keeps={box ? "Keep it" : "Add it"}
      busy={busy}
      objections={objections}
      maxWidth="xs"
      conflict={
        clash && {
          rows: differences(said, clash.theirs, units),
          keepMine: () => {
            settle();
            void keep(clash.theirs.version);
          },
          takeTheirs: () => {
            const { number, name, place, litres } = clash.theirs;
            setSaid({ number, name, place, litres });
            settle();
          },
        }
      }
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, pt: 1 }}>
        <NumberField
          label="Number on its label"
          value={said.number}
          placeholder="the next one"
          error={objections.field("/number")}
          onChange={(number) => change({ number })}
        />
        <MeasuredField
          label="Holds"
          unit="litres"
          value={said.litres}
          error={objections.field("/litres")}
          onChange={(litres) => change({ litres: litres ?? COMMON_LITRES })}
        />
        <TextField
          label="Where it stands"
          value={said.place}
          placeholder="Loft left"
          onChange={(event) => change({ place: event.target.value })}
          error={Boolean(objections.field("/place"))}
          helperText={objections.field("/place")}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { list: "shelves", maxLength: 60 } }}
          sx={{ gridColumn: "1 / -1" }}
        />
        <datalist id="shelves">
          {places.map((place) => (
            <option key={place} value={place} />
          ))}
        </datalist>
        <TextField
          label="What it is called"
          value={said.name}
          placeholder="plum and slate glass"
          onChange={(event) => change({ name: event.target.value })}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 80 } }}
          sx={{ gridColumn: "1 / -1" }}
        />
      </Box>
    </FormDialog>
  );
}
