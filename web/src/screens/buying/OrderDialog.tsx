import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { newKey } from "../../api/key";
import { CountDial } from "../../parts/CountDial";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { amount } from "../../units/amount";
import { counted, money } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { reread, type Desk } from "./useBuying";
import { NOBODY } from "./words";

interface Row {
  key: string;
  style: string;
  name: string;
  kind: Desk["items"][number]["kind"];
  size: number;
  packs: number;
  price_cents: number | null;
  taken: boolean;
}

function rowsOf(desk: Desk, supplier: string | null): Row[] {
  return desk.items
    .filter(({ quote }) => quote.supplier === supplier)
    .flatMap((line) =>
      line.quote.packs.map(({ size, count, price_cents }) => ({
        key: `${line.id} ${size}`,
        style: line.id,
        name: line.name,
        kind: line.kind,
        size,
        packs: count,
        price_cents,
        taken: true,
      })),
    );
}

/** Ordering what is to be bought at one supplier: all of it, or some; on trial, with the day to decide by. */
export function OrderDialog({ desk, supplier, onClose }: { desk: Desk; supplier: string | null; onClose: () => void }) {
  const units = useUnits();
  const currency = useCurrency();
  const { say } = useUndo();
  // One dialog is one order, however often it is pressed.
  const [key] = useState(newKey);
  const [rows, setRows] = useState(() => rowsOf(desk, supplier));
  const [trial, setTrial] = useState(false);
  const [decide, setDecide] = useState("");
  const [expected, setExpected] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const name = desk.suppliers.find(({ id }) => id === supplier)?.name ?? NOBODY;
  const taken = rows.filter((row) => row.taken && row.packs > 0);
  const sum = taken.reduce((cents, row) => cents + row.packs * (row.price_cents ?? 0), 0);
  const set = (at: string, changes: Partial<Row>) =>
    setRows((before) => before.map((row) => (row.key === at ? { ...row, ...changes } : row)));

  async function order(arrived: boolean) {
    if (busy) return;
    setBusy(true);
    try {
      const made = await ask(
        client.POST("/api/purchases", {
          body: {
            key,
            supplier,
            arrived,
            expected_on: expected || null,
            lines: taken.map(({ style, size, packs, price_cents }) => ({
              style,
              pack_size: size,
              packs,
              price_cents,
              decide_by: trial ? decide : null,
            })),
          },
        }),
      );
      await reread();
      onClose();
      say(arrived ? `Bought at ${name}.` : `Ordered at ${name}.`, async () => {
        await ask(client.DELETE("/api/purchases/{id}", { params: { path: { id: made.id } } }));
        await reread();
      });
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="order-title">
      <DialogTitle id="order-title">Order at {name}</DialogTitle>
      <DialogContent>
        <ProblemAlert problem={problem} />
        {rows.length === 0 && <Typography>All that is to be bought here is sold out.</Typography>}
        {rows.map((row) => (
          <Box
            key={row.key}
            sx={(theme) => ({
              display: "flex",
              alignItems: "center",
              gap: 1,
              py: 0.5,
              borderBottom: `1px solid ${theme.palette.divider}`,
              flexWrap: { xs: "wrap", sm: "nowrap" },
            })}
          >
            <FormControlLabel
              sx={{ flex: 1, minWidth: 180 }}
              control={
                <Checkbox checked={row.taken} onChange={(event) => set(row.key, { taken: event.target.checked })} />
              }
              label={
                <>
                  {row.name}
                  <Typography component="span" variant="body2" color="textSecondary" sx={{ display: "block" }}>
                    packs of {amount(row.size, row.kind, units)}
                    {row.price_cents !== null && `, ${money(row.price_cents, currency)} each`}
                  </Typography>
                </>
              }
            />
            <Box sx={{ width: 172, flexShrink: 0 }}>
              <CountDial
                label="Packs"
                about={`${row.name}, packs of ${amount(row.size, row.kind, units)}`}
                value={row.packs}
                min={1}
                onChange={(packs) => set(row.key, { packs })}
              />
            </Box>
          </Box>
        ))}
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2, mt: 2 }}>
          <TextField
            type="date"
            label="Comes on"
            value={expected}
            onChange={(event) => setExpected(event.target.value)}
            helperText="Left empty: as long as it usually takes there."
            error={Boolean(problem?.field("/expected_on"))}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: desk.today } }}
          />
          <Box>
            <FormControlLabel
              control={<Checkbox checked={trial} onChange={(event) => setTrial(event.target.checked)} />}
              label="On trial: it may go back"
            />
            {trial && (
              <TextField
                type="date"
                label="Decide by"
                value={decide}
                onChange={(event) => setDecide(event.target.value)}
                slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: desk.today } }}
              />
            )}
          </Box>
        </Box>
      </DialogContent>
      <DialogActions sx={{ flexWrap: "wrap" }}>
        <Typography sx={{ flex: 1, pl: 2 }}>
          {counted(taken.length, "line")}, <strong>{money(sum, currency)}</strong>
        </Typography>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          disabled={busy || taken.length === 0 || (trial && decide === "")}
          variant="outlined"
          onClick={() => void order(true)}
        >
          Carried home
        </Button>
        <Button
          variant="contained"
          disabled={busy || taken.length === 0 || (trial && decide === "")}
          onClick={() => void order(false)}
        >
          Ordered
        </Button>
      </DialogActions>
    </Dialog>
  );
}
