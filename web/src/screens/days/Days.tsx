import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { keys, queryClient, useSeasonYear } from "../../api/queries";
import { Caution } from "../../parts/Caution";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { shortDay, weekday } from "../../units/format";
import { DayPanel } from "./DayPanel";
import { daysOf, hoursOf, type Step, type Visit } from "./dayLayout";
import { HowFar } from "./HowFar";
import { VisitDialog } from "./VisitDialog";
import { ChosenStep } from "./ChosenStep";
import { HouseOrder } from "./HouseOrder";
import { Unplaced } from "./Unplaced";
import { DaysOff } from "./DaysOff";
import { ReadyDialog } from "./ReadyDialog";
import { useMoves } from "./useMoves";
import { WhatIfDialog } from "./WhatIfDialog";
import { WhenItEnds } from "./WhenItEnds";
import { WhoIsNeeded } from "./WhoIsNeeded";
import { WhoWorks } from "./WhoWorks";

/** A calendar file, in the time zone of whoever asks. */
function calendarOf(of: { worker?: string; home?: string }): string {
  return `/api/days.ics?${new URLSearchParams({ ...of, zone: Intl.DateTimeFormat().resolvedOptions().timeZone }).toString()}`;
}

/** While something is still to be reckoned it is asked again after so many milliseconds. */
const AGAIN = 700;

/** Who does what when on the days ahead: every day on one hour scale, what decides the end as one thread. */
export function Days() {
  const [page, setPage] = useState(1);
  const [past, setPast] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const [changing, setChanging] = useState<Visit | "new" | null>(null);
  const [asked, setAsked] = useState<{ visit: Visit; what: "if" | "ready" } | null>(null);
  const moves = useMoves();
  const { say } = useUndo();
  const year = useSeasonYear();
  const days = useQuery({
    queryKey: [...keys.days, past, page],
    queryFn: () => ask(client.GET("/api/days", { params: { query: { page, past } } })),
    placeholderData: (before) => before,
    refetchInterval: ({ state }) => (state.data?.items.some(({ pending }) => pending) ? AGAIN : false),
  });
  if (days.isPending) return <Loading what="the days" />;
  if (!days.data) return <Failed error={days.error} retry={() => void days.refetch()} />;
  const { items, workers, homes, pages, days_off: daysOff } = days.data;
  const hours = hoursOf(items);
  const of = items.flatMap((span) => span.steps.filter(({ id }) => id === chosen).map((step) => ({ span, step })))[0];
  const choose = ({ id }: Step) => setChosen(id);
  const ends = items.flatMap(({ first_on, last_on }) => [first_on, last_on]).sort();
  const reread = () => queryClient.invalidateQueries({ queryKey: keys.days });

  async function remove({ id, home, held_on }: Visit) {
    const params = { path: { id } };
    const name = items.flatMap((span) => span.homes).find((one) => one.id === home)?.name ?? "The visit";
    try {
      await ask(client.DELETE("/api/visits/{id}", { params }));
    } catch (error) {
      say(`The visit was not deleted: ${asProblem(error).message}`);
      await reread();
      return;
    }
    await reread();
    say(`${name} on ${weekday(held_on)} was deleted.`, async () => {
      await ask(client.POST("/api/visits/{id}/restore", { params, body: {} }));
      await reread();
    });
  }

  const period = ends.length > 0 ? `${shortDay(ends[0] ?? "")} to ${shortDay(ends.at(-1) ?? "")}` : "";
  return (
    <>
      <Strip crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Days" }]}>
        <Typography variant="body2" color="textSecondary" sx={{ display: { xs: "none", md: "block" } }}>
          {period}
        </Typography>
        <Button
          onClick={() => {
            setPast(!past);
            setPage(1);
          }}
        >
          {past ? "Days ahead" : "Days over"}
        </Button>
        {homes.length > 0 && (
          <Button variant="contained" startIcon={<Add />} onClick={() => setChanging("new")}>
            Add a visit
          </Button>
        )}
        <MoreMenu
          label="More about the days"
          entries={[
            { label: "Calendar file of all visits", href: calendarOf({}) },
            ...workers.map(({ id, name }) => ({ label: `Calendar file of ${name}`, href: calendarOf({ worker: id }) })),
            ...[...new Map(items.flatMap((span) => span.homes).map((home) => [home.id, home.name]))].map(
              ([id, name]) => ({
                label: `Calendar file of ${name}`,
                href: calendarOf({ home: id }),
              }),
            ),
          ]}
        />
      </Strip>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: "flex",
          flexDirection: { xs: "column", md: "row" },
          overflow: { xs: "auto", md: "hidden" },
        }}
      >
        <Box
          sx={{
            flex: { md: 1 },
            minWidth: 0,
            overflow: { md: "auto" },
            p: 1,
            display: "flex",
            flexDirection: "column",
            gap: 1,
          }}
        >
          {items.length === 0 && (
            <Notice
              title={past ? "No day is over yet" : "No day is planned yet"}
              action={
                homes.length > 0 && !past ? (
                  <Button variant="contained" onClick={() => setChanging("new")}>
                    Add the first visit
                  </Button>
                ) : null
              }
            >
              {homes.length === 0
                ? "Add a home first: what its pieces need becomes steps, and a visit gives them their hours."
                : "A visit says when you are in a home and who comes. What its pieces need is placed in its hours."}
            </Notice>
          )}
          {items.map((span) => (
            <Box key={span.first_on + span.homes.map(({ id }) => id).join()} sx={{ display: "contents" }}>
              {span.problem && <Caution finding={{ severity: "caution", message: span.problem }} />}
              {span.pending && <Typography role="status">Still being planned …</Typography>}
              {daysOf(span, workers).map((day) => (
                <DayPanel
                  key={day.on}
                  span={span}
                  day={day}
                  hours={hours}
                  chosen={chosen}
                  moves={moves}
                  onChoose={choose}
                  onChange={setChanging}
                  onDelete={(visit) => void remove(visit)}
                  onAsk={(visit, what) => setAsked({ visit, what })}
                />
              ))}
              <Unplaced span={span} onChoose={choose} />
            </Box>
          ))}
          <Pages pages={pages} page={page} onPage={setPage} />
        </Box>
        <Box
          component="aside"
          aria-label="Ends and people"
          sx={{
            width: { md: 320 },
            flexShrink: 0,
            overflow: { md: "auto" },
            p: 2,
            borderLeft: { md: 1 },
            borderColor: { md: "divider" },
          }}
        >
          {items.length > 0 && <WhenItEnds spans={items} />}
          <HowFar spans={items} />
          {of && (
            <ChosenStep
              key={`${of.step.id} ${of.step.from_min}`}
              span={of.span}
              step={of.step}
              workers={workers}
              moves={moves}
            />
          )}
          <WhoIsNeeded spans={items} workers={workers} />
          <WhoWorks workers={workers} />
          <DaysOff daysOff={daysOff} homes={homes} />
          <HouseOrder />
        </Box>
      </Box>
      {asked?.what === "if" && (
        <WhatIfDialog spans={items} visit={asked.visit} workers={workers} onClose={() => setAsked(null)} />
      )}
      {asked?.what === "ready" && <ReadyDialog spans={items} visit={asked.visit} onClose={() => setAsked(null)} />}
      {changing && (
        <VisitDialog
          visit={changing === "new" ? undefined : changing}
          homes={homes}
          workers={workers}
          onClose={() => setChanging(null)}
        />
      )}
    </>
  );
}
