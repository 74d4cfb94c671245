import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { conflictRows } from "../../parts/ConflictDialog";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { reread, usePrices } from "./useBuying";

type Prices = Schemas["Prices"];

interface Said {
  hour: number | null;
  mark_up_percent: number | null;
  tax_percent: number | null;
  store_percent: number | null;
  storage: number | null;
}

const saidOf = (prices: Prices): Said => ({
  ...prices,
  hour: prices.hourly_cents / 100,
  storage: prices.storage_cents / 100,
});

function inWords({ hour, mark_up_percent, tax_percent, store_percent, storage }: Said) {
  return {
    "An hour": String(hour),
    "Mark-up, %": String(mark_up_percent),
    "Tax, %": String(tax_percent),
    "From the store, %": String(store_percent),
    "A box kept": String(storage),
  };
}

function Form({ prices, onClose }: { prices: Prices; onClose: () => void }) {
  const owner = useMe().data?.account.role === "owner";
  const [said, setSaid] = useState(() => saidOf(prices));
  const [busy, setBusy] = useState(false);
  const { clash, problem, refused, settle, version } = useVersioned(prices);
  const objections = useObjections(problem, said, { "/hourly_cents": "/hour", "/storage_cents": "/storage" });
  const change = (changes: Partial<Said>) => setSaid((before) => ({ ...before, ...changes }));

  async function keep(at = version) {
    if (busy) return;
    setBusy(true);
    try {
      await ask(
        client.PUT("/api/prices", {
          body: {
            version: at,
            hourly_cents: Math.round((said.hour ?? 0) * 100),
            mark_up_percent: said.mark_up_percent ?? 0,
            tax_percent: said.tax_percent ?? 0,
            store_percent: said.store_percent ?? 0,
            storage_cents: Math.round((said.storage ?? 0) * 100),
          },
        }),
      );
      await reread();
      onClose();
    } catch (error) {
      refused(error);
    }
    setBusy(false);
  }

  return (
    <FormDialog
      title="What the studio asks"
      keeps={owner ? "Keep it" : undefined}
      busy={busy}
      objections={objections}
      maxWidth="xs"
      conflict={
        clash && {
          rows: conflictRows(inWords(said), inWords(saidOf(clash.theirs))),
          keepMine: () => {
            settle();
            void keep(clash.theirs.version);
          },
          takeTheirs: () => {
            setSaid(saidOf(clash.theirs));
            settle();
          },
        }
      }
      onKeep={() => void keep()}
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
