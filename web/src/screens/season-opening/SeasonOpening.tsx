import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient, useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { counted } from "../../units/format";
import { Line, LineLink, Lines } from "../season-summary/Lines";
import { DraftCard } from "./DraftCard";
import { VaryDialog } from "./VaryDialog";

type Opening = Schemas["SeasonOpening"];
export type Home = Opening["homes"][number];
export type Draft = Schemas["Draft"];
export type Choice = Schemas["DraftChoice"];

const IDEAS = { buy: "to buy", move: "to move", make: "to make", retire: "to retire" } as const;

/** What of last season comes again: each piece is kept, changed or let go; what else the new season begins with. */
export function SeasonOpening() {
  const { say } = useUndo();
  const [varying, setVarying] = useState<{ home: Home; draft: Draft } | null>(null);
  const [page, setPage] = useState(1);
  const opening = useQuery({
    queryKey: keys.seasonOpening(page),
    queryFn: () => ask(client.GET("/api/season-opening", { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
  const waiting = useMe().data?.season.drafts ?? 0;
  if (opening.isPending) return <Loading what="the season" />;
  if (!opening.data) return <Failed error={opening.error} retry={() => void opening.refetch()} />;
  const told = opening.data;

  async function put(draft: Draft, body: Choice) {
    await ask(client.PUT("/api/pieces/{id}/draft", { params: { path: { id: draft.id } }, body }));
    await queryClient.invalidateQueries();
  }

  async function decide(draft: Draft, body: Choice, says: string) {
    try {
      await put(draft, body);
      say(`${draft.name} ${says}.`, () => put(draft, { choice: "put_back" }));
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <>
      <Strip crumbs={[{ label: `Season ${told.season}`, to: "/" }, { label: "What comes again" }]}>
        <Typography variant="body2" color="textSecondary">
          {told.total === 0 ? "all decided" : `${counted(waiting, "piece")} to decide on`}
        </Typography>
      </Strip>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 328px" },
          overflow: { xs: "auto", md: "hidden" },
        }}
      >
        <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, md: 3 } }}>
          {told.total === 0 && (
            <Notice
              title="Every piece is decided on"
              action={
                <Button variant="contained" component={Link} to="/">
                  To the season
                </Button>
              }
            >
              What was kept stands in its home again, with what it needs. What was let go is found under Deleted for a
              while.
            </Notice>
          )}
          {told.homes.map((home) => (
            <Box component="section" key={home.id} aria-label={home.name} sx={{ mb: 4 }}>
              <Box sx={{ display: "flex", alignItems: "baseline", gap: 2, mb: 1, flexWrap: "wrap" }}>
                <Typography variant="h2" sx={{ flex: 1 }}>
                  {home.name}
                </Typography>
                <Typography color="textSecondary">{home.client}</Typography>
              </Box>
              {home.drafts.map((draft) => (
                <DraftCard
                  key={draft.id}
                  home={home}
                  draft={draft}
                  onKeep={() => void decide(draft, { choice: "keep" }, "comes again as it was")}
                  onVary={() => setVarying({ home, draft })}
                  onDrop={() => void decide(draft, { choice: "drop" }, "was let go")}
                />
              ))}
            </Box>
          ))}
          <Pages pages={told.pages} page={page} onPage={setPage} />
        </Box>
        <Box
          component="aside"
          aria-label="What else it begins with"
          sx={{ p: { xs: 2, md: 3 }, overflow: { md: "auto" }, borderLeft: { md: 1 }, borderColor: { md: "divider" } }}
        >
          <Lines title="Notes of last season">
            {(["buy", "move", "make", "retire"] as const).map((sort) => (
              <Line key={sort} what={<LineLink to="/ideas">{IDEAS[sort]}</LineLink>} much={String(told.ideas[sort])} />
            ))}
            <Line what={<LineLink to="/buying">Wishes, and what is short</LineLink>} />
          </Lines>
          <Lines title="Keepsakes to come" empty={told.keepsakes.length === 0 && "None is missing."}>
            {told.keepsakes.map(({ whose, missing }) => (
              <Line key={whose} what={whose} under={`missing: ${missing.join(", ")}`} />
            ))}
          </Lines>
          <Lines title="Trees to replace" empty={told.replace.length === 0 && "None has done its seasons."}>
            {told.replace.map(({ style, name, last_season }) => (
              <Line key={style} what={name} under={last_season === null ? "worn" : `its last season: ${last_season}`} />
            ))}
          </Lines>
        </Box>
      </Box>
      {varying && (
        <VaryDialog
          home={varying.home}
          draft={varying.draft}
          onClose={() => setVarying(null)}
          onKeep={async (choice) => {
            await put(varying.draft, choice);
            setVarying(null);
            say(`${varying.draft.name} comes again, changed.`, () => put(varying.draft, { choice: "put_back" }));
          }}
        />
      )}
    </>
  );
}
