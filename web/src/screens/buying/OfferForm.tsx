import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { LengthField } from "../../parts/LengthField";
import { NumberField } from "../../parts/NumberField";
import { FormAlert } from "../../parts/ProblemAlert";
import { SettledForm } from "../../parts/SettledForm";
import { useLatest } from "../../parts/useLatest";
import { useOnce } from "../../parts/useOnce";
import { reread } from "./useBuying";

interface Said {
  supplier: string;
  pack_size: number | null;
  price: number | null;
  available: number | null;
}

/** What somebody asks for a pack of it, and how many there are. */
export function OfferForm({ thing }: { thing: Schemas["BuyingThing"] }) {
  const suppliers = useQuery({ queryKey: keys.suppliers, queryFn: () => ask(client.GET("/api/suppliers")) });
  const [open, setOpen] = useState(false);
  const { busy, once } = useOnce();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [said, change, latest] = useLatest<Said>({
    supplier: "",
    pack_size: thing.pack_size,
    price: thing.price_cents === null ? null : thing.price_cents / 100,
    available: null,
  });
  const objections = useObjections(problem, said, { "/price_cents": "/price" });
  const here = (suppliers.data?.items ?? []).filter(({ not_from_here }) => !not_from_here);

  async function keep() {
    const { supplier, pack_size, price, available } = latest();
    try {
      await ask(
        client.PUT("/api/suppliers/{id}/offers", {
          params: { path: { id: supplier } },
          body: {
            style: thing.id,
            pack_size: pack_size ?? 0,
            price_cents: Math.round((price ?? 0) * 100),
            available,
          },
        }),
      );
      await reread();
      setOpen(false);
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  if (!open)
    return (
      <Button size="small" onClick={() => setOpen(true)} disabled={here.length === 0} sx={{ mt: 0.5, ml: -0.5 }}>
        {here.length === 0 ? "Add a supplier first, under “More about buying”" : "Write down a price"}
      </Button>
    );
  return (
    <SettledForm sx={{ mt: 1.5 }} onKeep={() => void once(keep)}>
      <FormAlert objections={objections} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <TextField
          select
          label="At"
          value={said.supplier}
          onChange={(event) => change({ supplier: event.target.value })}
          sx={{ gridColumn: "1 / 3" }}
        >
          {here.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        {thing.kind === "ribbon" ? (
          <LengthField
            label="On a roll"
            value={said.pack_size}
            error={objections.field("/pack_size")}
            onChange={(pack_size) => change({ pack_size })}
          />
        ) : (
          <NumberField
            label="In a pack"
            value={said.pack_size}
            error={objections.field("/pack_size")}
            onChange={(pack_size) => change({ pack_size })}
          />
        )}
        <NumberField
          label="Price of a pack"
          value={said.price}
          error={objections.field("/price")}
          onChange={(price) => change({ price })}
        />
        <NumberField
          label="Packs there are"
          placeholder="nobody knows"
          value={said.available}
          error={objections.field("/available")}
          onChange={(available) => change({ available })}
        />
        <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
          <Button type="submit" variant="contained" disabled={busy || said.supplier === ""}>
            Keep it
          </Button>
          <Button onClick={() => setOpen(false)}>Cancel</Button>
        </Box>
      </Box>
    </SettledForm>
  );
}
