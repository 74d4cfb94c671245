import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import Typography from "@mui/material/Typography";
import { ask, client, type Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { money, type Money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { reread, usePrices } from "./useBuying";

type Prices = Schemas["Prices"];

interface Said {
  hour: number | null;
  mark_up_percent: number | null;
  tax_percent: number | null;
  store_percent: number | null;
  storage: number | null;
}

const saidOf = ({ hourly_cents, mark_up_percent, tax_percent, store_percent, storage_cents }: Prices): Said => ({
  hour: hourly_cents / 100,
  mark_up_percent,
  tax_percent,
  store_percent,
  storage: storage_cents / 100,
});

function inWords(said: Said, currency: Money): InWords<Said> {
  const asked = (price: number | null) => (price === null ? "" : money(price * 100, currency));
  const share = (percent: number | null) => (percent === null ? "" : `${percent} %`);
  return {
    hour: ["An hour", asked(said.hour)],
    mark_up_percent: ["Mark-up", share(said.mark_up_percent)],
    tax_percent: ["Tax", share(said.tax_percent)],
    store_percent: ["From the store", share(said.store_percent)],
    storage: ["A box kept", asked(said.storage)],
  };
}

function Form({ prices, onClose }: { prices: Prices; onClose: () => void }) {
  const owner = useMe().data?.account.role === "owner";
  const currency = useCurrency();
  const { said, change, objections, form } = useKeptForm<Prices, Said>({
    thing: prices,
    saidOf: (known = prices) => saidOf(known),
    inWords: (one) => inWords(one, currency),
    aliases: { "/hourly_cents": "/hour", "/storage_cents": "/storage" },
    send: async ({ hour, storage, ...shares }, version) => {
      await ask(
        client.PUT("/api/prices", {
          body: {
            version,
            hourly_cents: Math.round((hour ?? 0) * 100),
            mark_up_percent: shares.mark_up_percent ?? 0,
            tax_percent: shares.tax_percent ?? 0,
            store_percent: shares.store_percent ?? 0,
            storage_cents: Math.round((storage ?? 0) * 100),
          },
        }),
      );
      await reread();
      onClose();
    },
  });

  return (
    <FormDialog
      title="What the studio asks"
      keeps={owner ? "Keep it" : undefined}
      maxWidth="xs"
      {...form}
      onClose={onClose}
    >
      {!owner && <Typography sx={{ mb: 2 }}>Only the owner changes these.</Typography>}
      <Box sx={{ display: "grid", gap: 2, pt: 1 }}>
        <NumberField
          label="An hour of work"
          value={said.hour}
          error={objections.field("/hour")}
          onChange={(hour) => change({ hour })}
        />
        <NumberField
          label="Mark-up on what is bought, %"
          value={said.mark_up_percent}
          error={objections.field("/mark_up_percent")}
          onChange={(mark_up_percent) => change({ mark_up_percent })}
        />
        <NumberField
          label="What comes from the store for a season, % of its worth"
          value={said.store_percent}
          error={objections.field("/store_percent")}
          onChange={(store_percent) => change({ store_percent })}
        />
        <NumberField
          label="A box of a client’s own things, kept for a season"
          value={said.storage}
          error={objections.field("/storage")}
          onChange={(storage) => change({ storage })}
        />
        <NumberField
          label="Tax, %"
          value={said.tax_percent}
          error={objections.field("/tax_percent")}
          onChange={(tax_percent) => change({ tax_percent })}
        />
      </Box>
    </FormDialog>
  );
}

/** What an hour costs, what is put on what is bought, and the tax. */
export function PricesDialog({ onClose }: { onClose: () => void }) {
  const prices = usePrices();
  if (prices.data) return <Form prices={prices.data} onClose={onClose} />;
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-label="What the studio asks">
      <DialogContent role="status">{prices.error?.message ?? "Looking it up …"}</DialogContent>
    </Dialog>
  );
}
