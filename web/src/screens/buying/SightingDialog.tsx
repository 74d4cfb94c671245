import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { ask, client, type Schemas } from "../../api/client";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { date, money, type Money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
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

function inWords(said: Said, currency: Money): InWords<Said> {
  return {
    list: ["List", LISTS[said.list].name],
    name: ["Name", said.name],
    place: ["Where", said.place],
    price: ["Price", said.price === null ? "" : money(said.price * 100, currency)],
    decide_by: ["Decide by", said.decide_by && date(said.decide_by)],
    note: ["Note", said.note],
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
  const currency = useCurrency();
  const { said, change, objections, form } = useKeptForm<Sighting, Said>({
    thing: note,
    saidOf: (known) => saidOf(known, list),
    inWords: (one) => inWords(one, currency),
    aliases: { "/price_cents": "/price" },
    send: async ({ price, decide_by, ...words }, version) => {
      const body = {
        ...words,
        price_cents: price === null ? null : Math.round(price * 100),
        decide_by: decide_by || null,
      };
      if (note)
        await ask(client.PUT("/api/sightings/{id}", { params: { path: { id: note.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/sightings", { body }));
      await onKept();
      onClose();
    },
  });

  return (
    <FormDialog title={note ? note.name : "Note something"} keeps="Keep it" maxWidth="xs" {...form} onClose={onClose}>
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
