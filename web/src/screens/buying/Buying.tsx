import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import useMediaQuery from "@mui/material/useMediaQuery";
import { lazy, Suspense, useState } from "react";
import { useSearchParams } from "react-router";
import { useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { SideDrawer } from "../../parts/SideDrawer";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { Strip } from "../../shell/Strip";
import { BudgetList } from "./BudgetList";
import { BuyingList } from "./BuyingList";
import { Sum } from "./Sum";
import { ComingList } from "./ComingList";
import { Round } from "./Round";
import { TrialList } from "./TrialList";
import { useBudgets, useBuying, usePurchases, useTrials, type Desk } from "./useBuying";
import { useRound } from "./useRound";

const Timeline = lazy(async () => ({ default: (await import("./Timeline")).Timeline }));
const ThingDrawer = lazy(async () => ({ default: (await import("./ThingDrawer")).ThingDrawer }));
const OrderDialog = lazy(async () => ({ default: (await import("./OrderDialog")).OrderDialog }));
const SuppliersDrawer = lazy(async () => ({ default: (await import("./SuppliersDrawer")).SuppliersDrawer }));
const Sightings = lazy(async () => ({ default: (await import("./Sightings")).Sightings }));
const ReceiveDrawer = lazy(async () => ({ default: (await import("./ReceiveDrawer")).ReceiveDrawer }));
const BudgetDialog = lazy(async () => ({ default: (await import("./BudgetDialog")).BudgetDialog }));
const PricesDialog = lazy(async () => ({ default: (await import("./PricesDialog")).PricesDialog }));

const PARTS = ["To buy", "On the way", "On trial", "Budget"] as const;

/** What a home is called that is not on this page of homes. */
function named(desk: Desk, home: string): string | undefined {
  return desk.items.flatMap(({ homes }) => homes).find(({ id }) => id === home)?.name;
}

function address(home: string | null, piece: string | null, paper: string) {
  const asked = new URLSearchParams({ paper, ...(home ? { home } : {}), ...(piece ? { piece } : {}) });
  return `/api/buying.pdf?${asked.toString()}`;
}

/** What is to be bought over the season: by when, where, for how much; what comes when; what may go back. */
export function Buying() {
  const me = useMe().data;
  const year = me?.season.season ?? "";
  const [asked, setAsked] = useSearchParams();
  const home = asked.get("home");
  const piece = asked.get("piece");
  const thing = asked.get("thing");
  const listed = asked.get("as") === "list";
  const [page, setPage] = useState(1);
  const [part, setPart] = useState<(typeof PARTS)[number]>("To buy");
  const [ordering, setOrdering] = useState<string | null>(null);
  const [receiving, setReceiving] = useState<string | null>(null);
  const [budgeting, setBudgeting] = useState<string | null>(null);
  const [open, setOpen] = useState<"suppliers" | "prices" | "tags" | "seen" | null>(null);
  const narrow = useMediaQuery("(max-width: 899.95px)");
  const buying = useBuying(home, page, piece);
  const purchases = usePurchases();
  const trials = useTrials();
  const [homesPage, setHomesPage] = useState(1);
  const budgets = useBudgets(homesPage);
  const round = useRound();

  function ask(changes: Record<string, string | null>) {
    setAsked(
      (before) => {
        const after = new URLSearchParams(before);
        for (const [name, value] of Object.entries(changes))
          if (value === null) after.delete(name);
          else after.set(name, value);
        return after;
      },
      { replace: true },
    );
  }

  const desk = buying.data;
  if (buying.isPending) return <Loading what="what is to be bought" />;
  if (!desk) return <Failed error={buying.error} retry={() => void buying.refetch()} />;
  const openPurchases = purchases.data?.items ?? [];
  const tagged = trials.data?.items ?? [];
  const empty = desk.total === 0 && !home && !piece && desk.coming.length === 0 && openPurchases.length === 0;
  const homes = budgets.data?.items ?? [];
  const openThing = (style: string) => ask({ thing: style });
  const pages = <Pages pages={desk.pages} page={page} onPage={setPage} of="Pages of what is to be bought" />;
  const list = <BuyingList desk={desk} round={round} onOpen={openThing} onOrder={setOrdering} />;
  const coming = <ComingList purchases={openPurchases} desk={desk} onReceive={setReceiving} />;
  const trial = <TrialList tagged={tagged} purchases={openPurchases} today={desk.today} onReceive={setReceiving} />;
  const budget = (
    <>
      <BudgetList budgets={homes} onPlan={setBudgeting} />
      <Pages pages={budgets.data?.pages} page={homesPage} onPage={setHomesPage} of="Pages of homes" size="small" />
    </>
  );

  return (
    <>
      <Strip crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Buying" }]} of={`Season ${year}`}>
        {!narrow && <Sum totals={desk.totals} />}
        <TextField
          select
          label="For"
          value={piece ? "piece" : (home ?? "")}
          onChange={(event) => {
            setPage(1);
            if (event.target.value !== "piece") ask({ home: event.target.value || null, piece: null });
          }}
          sx={{ width: { xs: 130, sm: 190 } }}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">all homes</MenuItem>
          {piece && <MenuItem value="piece">one piece</MenuItem>}
          {home && !homes.some(({ id }) => id === home) && (
            <MenuItem value={home}>{named(desk, home) ?? "one home"}</MenuItem>
          )}
          {homes.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        {!narrow && (
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label="How it is shown"
            value={listed ? "list" : "days"}
            onChange={(_, value: string | null) => value && ask({ as: value === "list" ? "list" : null })}
          >
            <ToggleButton value="days">days</ToggleButton>
            <ToggleButton value="list">list</ToggleButton>
          </ToggleButtonGroup>
        )}
        <MoreMenu
          label="More about buying"
          entries={[
            { label: "Seen and wished for", run: () => setOpen("seen") },
            { label: "Suppliers", run: () => setOpen("suppliers") },
            { label: "Shopping list as PDF, A4", href: address(home, piece, "a4") },
            { label: "Shopping list as PDF, Letter", href: address(home, piece, "letter") },
            { label: "What an hour costs", run: () => setOpen("prices") },
          ]}
        />
      </Strip>
      {empty && (
        <Box sx={{ flex: 1, overflow: "auto" }}>
          <Notice
            title="Nothing is to be bought"
            action={
              <Button variant="outlined" onClick={() => setOpen("suppliers")}>
                Suppliers
              </Button>
            }
          >
            What pieces of this season lack is gathered here, with the day by which it is ordered. Suppliers say what a
            pack costs and how long it takes.
          </Notice>
        </Box>
      )}
      {!empty && narrow && (
        <>
          <Tabs value={part} onChange={(_, value: typeof part) => setPart(value)} variant="scrollable">
            {PARTS.map((name) => (
              <Tab key={name} value={name} label={name} />
            ))}
          </Tabs>
          <Box sx={{ flex: 1, overflow: "auto", px: 2, pb: 3 }}>
            {part === "To buy" && (
              <Box sx={{ pt: 1.5 }}>
                <Sum totals={desk.totals} />
                {list}
                {pages}
              </Box>
            )}
            {part === "On the way" && coming}
            {part === "On trial" && trial}
            {part === "Budget" && budget}
          </Box>
        </>
      )}
      {!empty && !narrow && (
        <Box sx={{ flex: 1, display: "flex", minHeight: 0 }}>
          <Box sx={{ flex: 1, minWidth: 0, overflow: "auto", display: "flex", flexDirection: "column" }}>
            {listed ? (
              <Box sx={{ px: 3, pb: 3 }}>
                {list}
                {coming}
                {trial}
              </Box>
            ) : (
              <Suspense fallback={<Loading what="the days" />}>
                <Timeline
                  desk={desk}
                  purchases={openPurchases}
                  tagged={tagged}
                  onOpen={openThing}
                  onOrder={setOrdering}
                  onReceive={setReceiving}
                  onTags={() => setOpen("tags")}
                  onSeen={() => setOpen("seen")}
                />
              </Suspense>
            )}
            {pages}
          </Box>
          <Box
            component="aside"
            aria-label="Budget and round"
            sx={(theme) => ({
              width: 320,
              flexShrink: 0,
              overflow: "auto",
              p: 2,
              borderLeft: `1px solid ${theme.palette.divider}`,
              bgcolor: "background.paper",
            })}
          >
            {budget}
            <Round desk={desk} round={round} onOpen={openThing} />
          </Box>
        </Box>
      )}
      <Suspense fallback={null}>
        {thing && <ThingDrawer style={thing} onClose={() => ask({ thing: null })} />}
        {ordering !== null && <OrderDialog desk={desk} supplier={ordering || null} onClose={() => setOrdering(null)} />}
        {receiving && <ReceiveDrawer id={receiving} onClose={() => setReceiving(null)} />}
        {budgeting && <BudgetDialog home={budgeting} onClose={() => setBudgeting(null)} />}
        {open === "seen" && <Sightings today={desk.today} onClose={() => setOpen(null)} />}
        {open === "suppliers" && <SuppliersDrawer onClose={() => setOpen(null)} />}
        {open === "tags" && (
          <SideDrawer title="Tags on" closes="Close what is on trial" onClose={() => setOpen(null)}>
            {trial}
          </SideDrawer>
        )}
        {open === "prices" && <PricesDialog onClose={() => setOpen(null)} />}
      </Suspense>
    </>
  );
}
