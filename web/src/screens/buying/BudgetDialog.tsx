import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { NumberField } from "../../parts/NumberField";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { minutes, money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { reread } from "./useBuying";

type Budget = Schemas["Budget"];

const COLUMNS = "minmax(80px, 1fr) 92px repeat(4, minmax(64px, auto))";

function Row({
  name,
  of,
  planned,
  onPlan,
  strong = false,
}: {
  name: string;
  of: Omit<Schemas["RoomBudget"], "id" | "name">;
  planned: number | null;
  onPlan: (cents: number | null) => void;
  strong?: boolean;
}) {
  const currency = useCurrency();
  const figure = (cents: number | null) => (
    <Typography
      role="cell"
      sx={{
        textAlign: "right",
        fontWeight: strong ? 700 : 400,
        color: cents !== null && cents < 0 ? "error.main" : "inherit",
      }}
    >
      {cents === null ? "" : money(cents, currency)}
    </Typography>
  );
  return (
    <Box role="row" sx={{ display: "contents" }}>
      <Typography role="rowheader" noWrap sx={{ fontWeight: strong ? 700 : 400, alignSelf: "center" }}>
        {name}
      </Typography>
      <Box role="cell">
        <NumberField
          label="Planned"
          about={name}
          value={planned === null ? null : planned / 100}
          onChange={(value) => onPlan(value === null ? null : Math.round(value * 100))}
        />
      </Box>
      {figure(of.bought_cents)}
      {figure(of.to_buy_cents)}
      {figure(of.stock_cents)}
      {figure(of.left_cents)}
    </Box>
  );
}

/** What the work comes to: materials with the mark-up, hours, tax as a line. */
function Charge({ budget }: { budget: Budget }) {
  const currency = useCurrency();
  const { charge } = budget;
  const lines: [string, number][] = [
    ["Bought and to buy", charge.materials_cents],
    ["Mark-up", charge.mark_up_cents],
    [`Work, ${minutes(budget.minutes)}`, charge.labour_cents],
    ["Tax", charge.tax_cents],
    ["Together", charge.total_cents],
  ];
  return (
    <Box component="dl" sx={{ m: 0, mt: 2, ml: "auto", maxWidth: 300 }}>
      {lines.map(([says, cents]) => (
        <Box
          key={says}
          sx={(theme) => ({
            display: "flex",
            py: 0.25,
            ...(says === "Together" ? { borderTop: `2px solid ${theme.palette.text.primary}`, fontWeight: 700 } : {}),
          })}
        >
          <Typography component="dt" sx={{ flex: 1, fontWeight: "inherit" }}>
            {says}
          </Typography>
          <Typography component="dd" sx={{ m: 0, fontWeight: "inherit" }}>
            {money(cents, currency)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

function Form({ budget, onClose }: { budget: Budget; onClose: () => void }) {
  const { say } = useUndo();
  const [home, setHome] = useState(budget.planned_cents);
  const [rooms, setRooms] = useState(() => new Map(budget.rooms.map((room) => [room.id, room.planned_cents])));
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function keep() {
    if (busy) return;
    setBusy(true);
    try {
      await ask(
        client.PUT("/api/homes/{id}/budget", {
          params: { path: { id: budget.id } },
          body: {
            planned_cents: home,
            rooms: [...rooms].map(([id, planned_cents]) => ({ id, planned_cents })),
          },
        }),
      );
      await reread();
      say("The budget was kept.");
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <>
      <DialogTitle>Budget of {budget.name}</DialogTitle>
      <DialogContent>
        <ProblemAlert problem={problem} />
        <Box
          role="table"
          aria-label={`Budget of ${budget.name}`}
          sx={{
            display: "grid",
            gridTemplateColumns: COLUMNS,
            columnGap: 1.5,
            rowGap: 1,
            alignItems: "center",
            overflowX: "auto",
            pt: 1,
          }}
        >
          <Box role="row" sx={{ display: "contents" }}>
            {["Room", "", "Bought", "To buy", "Stock", "Left"].map((head, i) => (
              <Typography
                key={head}
                role="columnheader"
                variant="body2"
                color="textSecondary"
                sx={{ textAlign: i > 1 ? "right" : "left" }}
              >
                {head}
              </Typography>
            ))}
          </Box>
          {budget.rooms.map((room) => (
            <Row
              key={room.id}
              name={room.name}
              of={room}
              planned={rooms.get(room.id) ?? null}
              onPlan={(cents) => setRooms((before) => new Map(before).set(room.id, cents))}
            />
          ))}
          <Row name="The home" of={budget} planned={home} onPlan={setHome} strong />
        </Box>
        <Charge budget={budget} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={busy} onClick={() => void keep()}>
          Keep it
        </Button>
      </DialogActions>
    </>
  );
}

/** What a home and its rooms may cost, and what they come to. */
export function BudgetDialog({ home, onClose }: { home: string; onClose: () => void }) {
  const found = useQuery({
    queryKey: [...keys.budgets, "home", home],
    queryFn: () => ask(client.GET("/api/homes/{id}/budget", { params: { path: { id: home } } })),
    staleTime: 0,
    gcTime: 0,
  });
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-label="Budget">
      {found.isPending && <DialogContent role="status">Looking it up …</DialogContent>}
      {found.isError && <DialogContent role="status">{found.error.message}</DialogContent>}
      {found.data && <Form budget={found.data} onClose={onClose} />}
    </Dialog>
  );
}
