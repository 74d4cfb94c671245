import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, useMe } from "../../api/queries";
import { CountDial } from "../../parts/CountDial";
import { DeleteDialog } from "../../parts/DeleteDialog";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { SideDrawer } from "../../parts/SideDrawer";
import { useUndo } from "../../parts/undo";
import { amount } from "../../units/amount";
import { counted, money, shortDay, weekday } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { reread, type Purchase, type PurchaseLine } from "./useBuying";
import { HAPPENED, NOBODY } from "./words";

type Kind = Schemas["PurchaseEvent"]["kind"];

/** What may be said of a line as it stands. */
function choices(line: PurchaseLine): [Kind, string][] {
  return [
    ...(line.to_come > 0
      ? ([
          ["arrived", "Came"],
          ["wrong_colour", "Another colour"],
          ["faulty", "Faulty"],
          ["missing", "Missing"],
          ["cancelled", "Called off"],
        ] as [Kind, string][])
      : []),
    ...(line.claimed > 0
      ? ([
          ["replaced", "Replaced"],
          ["refunded", "Money back"],
        ] as [Kind, string][])
      : []),
    ...(line.undecided > 0 ? ([["kept", "Keep"]] as [Kind, string][]) : []),
    ...(line.undecided > 0 || (!line.trial && line.stocked > 0)
      ? ([["taken_back", line.back_cents > 0 ? "Took it back" : "Went back"]] as [Kind, string][])
      : []),
  ];
}

function Line({
  line,
  place,
  say,
}: {
  line: PurchaseLine;
  place: number;
  say: (events: Schemas["PurchaseEvent"][]) => Promise<void>;
}) {
  const units = useUnits();
  const currency = useCurrency();
  const usual = line.to_come || line.undecided || line.claimed || 1;
  const [packs, setPacks] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const number = packs ?? usual;
  const state = [
    ...(line.to_come > 0 ? [`${line.to_come} to come`] : []),
    ...(line.stocked > 0 ? [`${line.stocked} in stock`] : []),
    ...(line.undecided > 0
      ? [`${line.undecided} to decide by ${line.decide_by ? shortDay(line.decide_by) : "?"}`]
      : []),
    ...(line.claimed > 0 ? [`${line.claimed} claimed`] : []),
  ];
  const done = choices(line);
  return (
    <Box
      component="section"
      aria-label={line.name}
      sx={(theme) => ({ py: 1.5, borderBottom: `1px solid ${theme.palette.divider}` })}
    >
      <Box sx={{ display: "flex", gap: 1.25, alignItems: "center" }}>
        <Thumbnail thing={line} place={place} size={38} />
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>{line.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {counted(line.packs, "pack")} of {amount(line.pack_size, line.kind, units)}
            {state.length > 0 && `: ${state.join(", ")}`}
          </Typography>
        </Box>
        <Typography sx={{ fontWeight: 600 }}>{money(line.cents, currency)}</Typography>
      </Box>
      {line.events.map((event) => (
        <Typography key={`${event.key} ${event.kind}`} variant="body2" color="textSecondary" sx={{ pl: 6 }}>
          {shortDay(event.on)}: {event.packs} {HAPPENED[event.kind]}
          {event.note && `, ${event.note}`}
        </Typography>
      ))}
      {done.length > 0 && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, alignItems: "center", mt: 0.75 }}>
          <Box sx={{ width: 172 }}>
            <CountDial label="Packs" about={line.name} value={number} min={1} onChange={setPacks} />
          </Box>
          {done.map(([kind, says], i) => (
            <Button
              key={kind}
              size="small"
              variant={i === 0 ? "contained" : "outlined"}
              disabled={busy}
              aria-label={`${says}: ${line.name}`}
              onClick={() => {
                setBusy(true);
                void say([{ line: line.id, kind, packs: number }]).finally(() => {
                  setBusy(false);
                  setPacks(null);
                });
              }}
            >
              {says}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** What became of an order: what came, in parts and otherwise than ordered; what is kept and what goes back. */
export function ReceiveDrawer({ id, onClose }: { id: string; onClose: () => void }) {
  const { say } = useUndo();
  const today = useMe().data?.today;
  const [problem, setProblem] = useState<Problem | null>(null);
  const [deleting, setDeleting] = useState(false);
  const params = { path: { id } };
  const found = useQuery({
    queryKey: [...keys.purchases, id],
    queryFn: () => ask(client.GET("/api/purchases/{id}", { params })),
    staleTime: 0,
    retry: false,
  });
  const purchase = found.data;
  const from = purchase?.supplier_name ?? NOBODY;

  async function happen(events: Schemas["PurchaseEvent"][], says = "It is written down.") {
    const key = newKey();
    setProblem(null);
    try {
      await ask(client.POST("/api/purchases/{id}/events", { params, body: { key, events } }));
      await reread();
      say(says, async () => {
        await ask(client.POST("/api/purchases/{id}/events/undo", { params, body: { key } })).catch((error: unknown) =>
          say(asProblem(error).message),
        );
        await reread();
      });
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  async function slip(of: Purchase) {
    try {
      const told = await ask(client.GET("/api/purchases/{id}/slip", { params }));
      // A parcel that is late is not here yet.
      if (today !== undefined && told.comes_on > today) {
        await move(of, told.comes_on);
        say(`${of.supplier_name ?? "The shop"} says: ${weekday(told.comes_on)}.`);
      } else if (told.lines.length > 0)
        await happen(
          told.lines.map(({ line, kind, packs }) => ({ line, kind, packs })),
          `As the slip of ${of.supplier_name ?? "the shop"} says.`,
        );
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  async function move(of: Purchase, expected_on: string) {
    if (!/^\d{4}-\d\d-\d\d$/.test(expected_on) || expected_on === of.expected_on) return;
    setProblem(null);
    try {
      await ask(client.PUT("/api/purchases/{id}", { params, body: { version: of.version, expected_on } }));
      await reread();
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <SideDrawer title={`From ${from}`} closes="Close the purchase" onClose={onClose}>
      {found.isPending && <Typography role="status">Looking it up …</Typography>}
      {found.isError && <Typography role="status">{found.error.message}</Typography>}
      <ProblemAlert problem={problem} />
      {purchase && (
        <>
          <Typography color="textSecondary" gutterBottom>
            Ordered {weekday(purchase.ordered_on)}
          </Typography>
          <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", my: 1 }}>
            <TextField
              key={purchase.expected_on}
              type="date"
              label="Comes on"
              defaultValue={purchase.expected_on}
              onBlur={(event) => void move(purchase, event.target.value)}
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: purchase.ordered_on } }}
              sx={{ width: 180 }}
            />
            {purchase.lines.some(({ to_come }) => to_come > 0) && purchase.supplier && (
              <Button variant="outlined" onClick={() => void slip(purchase)}>
                As the slip says
              </Button>
            )}
          </Box>
          {purchase.lines.map((line, i) => (
            <Line key={line.id} line={line} place={i} say={happen} />
          ))}
          <Button color="error" size="small" sx={{ mt: 2 }} onClick={() => setDeleting(true)}>
            It was never ordered
          </Button>
          {deleting && (
            <DeleteDialog
              name={`the order at ${from}`}
              goes="What was carried home with it leaves the stock again."
              forGood
              onDelete={async () => {
                await ask(client.DELETE("/api/purchases/{id}", { params }));
                onClose();
                await reread();
              }}
              onClose={() => setDeleting(false)}
            />
          )}
        </>
      )}
    </SideDrawer>
  );
}
