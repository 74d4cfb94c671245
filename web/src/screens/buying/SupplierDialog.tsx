import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Chip from "@mui/material/Chip";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { counted, shortDay, type Money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { CouponFields } from "./CouponFields";
import { reread } from "./useBuying";
import { couponWords, WEEKDAYS } from "./words";

type Supplier = Schemas["Supplier"];
type Coupon = Supplier["coupons"][number];

interface Said {
  name: string;
  lead_days: number | null;
  closed_weekdays: number[];
  closed_on: string[];
  not_from_here: boolean;
  note: string;
  coupons: Coupon[];
}

function saidOf(supplier: Supplier | undefined): Said {
  return {
    name: supplier?.name ?? "",
    lead_days: supplier?.lead_days ?? 3,
    closed_weekdays: supplier?.closed_weekdays ?? [7],
    closed_on: supplier?.closed_on ?? [],
    not_from_here: supplier?.not_from_here ?? false,
    note: supplier?.note ?? "",
    coupons: supplier?.coupons ?? [],
  };
}

function inWords(said: Said, currency: Money): InWords<Said> {
  return {
    name: ["Name", said.name],
    lead_days: ["On its way", counted(said.lead_days ?? 0, "day")],
    closed_weekdays: ["Closed every", said.closed_weekdays.map((day) => WEEKDAYS[day - 1]).join(", ")],
    closed_on: ["Closed on", said.closed_on.map(shortDay).join(", ")],
    not_from_here: ["Not from here", said.not_from_here ? "yes" : "no"],
    note: ["Note", said.note],
    coupons: ["Coupons", said.coupons.map((one) => couponWords(one, currency)).join(", ")],
  };
}

/** A supplier: how long things take, when nobody is there, what is off. */
export function SupplierDialog({ supplier, onClose }: { supplier?: Supplier | undefined; onClose: () => void }) {
  const [closed, setClosed] = useState("");
  const currency = useCurrency();
  const { say } = useUndo();
  const { said, change, objections, form } = useKeptForm<Supplier, Said>({
    thing: supplier,
    saidOf,
    inWords: (one) => inWords(one, currency),
    send: async (one, version) => {
      const body = { ...one, lead_days: one.lead_days ?? 0 };
      if (supplier)
        await ask(
          client.PUT("/api/suppliers/{id}", { params: { path: { id: supplier.id } }, body: { version, ...body } }),
        );
      else await ask(client.POST("/api/suppliers", { body }));
      await reread();
      say(`${one.name} was kept.`);
      onClose();
    },
  });

  return (
    <FormDialog
      title={supplier ? supplier.name : "Add a supplier"}
      keeps={supplier ? "Keep it" : "Add it"}
      maxWidth="sm"
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" }, gap: 2, pt: 1 }}>
        <TextField
          label="Name"
          value={said.name}
          onChange={(event) => change({ name: event.target.value })}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          slotProps={{ htmlInput: { maxLength: 80 }, inputLabel: { shrink: true } }}
          autoFocus
        />
        <NumberField
          label="Days on its way"
          value={said.lead_days}
          error={objections.field("/lead_days")}
          onChange={(lead_days) => change({ lead_days })}
        />
      </Box>
      <Typography sx={{ mt: 2 }}>Closed every week on</Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap" }}>
        {WEEKDAYS.map((name, i) => (
          <FormControlLabel
            key={name}
            label={name}
            control={
              <Checkbox
                size="small"
                checked={said.closed_weekdays.includes(i + 1)}
                onChange={(event) =>
                  change({
                    closed_weekdays: event.target.checked
                      ? [...said.closed_weekdays, i + 1].sort()
                      : said.closed_weekdays.filter((day) => day !== i + 1),
                  })
                }
              />
            }
          />
        ))}
      </Box>
      {objections.field("/closed_weekdays") && (
        <Typography variant="body2" color="error">
          {objections.field("/closed_weekdays")}
        </Typography>
      )}
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", mt: 1.5 }}>
        <TextField
          type="date"
          label="Also closed on"
          value={closed}
          onChange={(event) => setClosed(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ width: 180 }}
        />
        <Button
          disabled={closed === "" || said.closed_on.includes(closed)}
          onClick={() => {
            change({ closed_on: [...said.closed_on, closed].sort() });
            setClosed("");
          }}
        >
          Add the day
        </Button>
        {said.closed_on.map((day) => (
          <Chip
            key={day}
            label={shortDay(day)}
            onDelete={() => change({ closed_on: said.closed_on.filter((one) => one !== day) })}
          />
        ))}
      </Box>
      <FormControlLabel
        sx={{ mt: 1 }}
        label="Not from here: nothing is bought there"
        control={
          <Checkbox
            checked={said.not_from_here}
            onChange={(event) => change({ not_from_here: event.target.checked })}
          />
        }
      />
      <CouponFields coupons={said.coupons} objections={objections} onChange={(coupons) => change({ coupons })} />
      <TextField
        label="Note"
        multiline
        minRows={2}
        value={said.note}
        onChange={(event) => change({ note: event.target.value })}
        error={Boolean(objections.field("/note"))}
        helperText={objections.field("/note")}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 500 } }}
        sx={{ mt: 2 }}
      />
    </FormDialog>
  );
}
