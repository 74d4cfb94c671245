import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { MeasuredField } from "../../parts/MeasuredField";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
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

function inWords({ number, name, place, litres }: Said, units: Units): InWords<Said> {
  return {
    number: ["Number on its label", String(number ?? "")],
    name: ["What it is called", name],
    place: ["Where it stands", place],
    litres: ["Holds", volume(litres, units)],
  };
}

/** A box: its number, what it is called, where it stands and how much it holds. */
export function BoxDialog({ box, places, onDone, onClose }: Props) {
  const units = useUnits();
  const { say } = useUndo();
  const { said, change, objections, form } = useKeptForm<Schemas["Box"], Said>({
    thing: box,
    saidOf: (known) => ({
      number: known?.number ?? null,
      name: known?.name ?? "",
      place: known?.place ?? places[0] ?? "",
      litres: known?.litres ?? COMMON_LITRES,
    }),
    inWords: (one) => inWords(one, units),
    send: async ({ number, ...rest }, version) => {
      const kept = box
        ? await ask(
            client.PUT("/api/boxes/{id}", {
              params: { path: { id: box.id } },
              body: { version, number: number ?? box.number, ...rest },
            }),
          )
        : await ask(client.POST("/api/boxes", { body: { ...rest, ...(number !== null && { number }) } }));
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(`Box ${kept.number} was kept.`);
      onDone(kept);
    },
  });

  return (
    <FormDialog
      title={box ? `Box ${box.number}` : "Add a box"}
      keeps={box ? "Keep it" : "Add it"}
      maxWidth="xs"
      {...form}
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
