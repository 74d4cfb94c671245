import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link as RouterLink, useParams } from "react-router";
import { ask, asProblem, client } from "../../api/client";
import { keys, queryClient, useSeasonYear } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { counted, date, minutes, weekday } from "../../units/format";
import { EntryDialog } from "../stock/EntryDialog";
import { Bridge } from "./Bridge";
import { Spring } from "./Spring";
import { StripPiece } from "./StripPiece";
import type { Piece, Thing } from "./stripWords";

const AGAIN = 700;

/** After the day: what of each piece goes and what stays, and what goes onto what stands empty. */
export function SeasonEnd() {
  const { homeId = "" } = useParams();
  const year = useSeasonYear();
  const { say } = useUndo();
  const [entering, setEntering] = useState<Thing | null>(null);
  const end = useQuery({
    queryKey: keys.seasonEnd(homeId),
    queryFn: () => ask(client.GET("/api/homes/{id}/season-end", { params: { path: { id: homeId } } })),
    refetchInterval: ({ state }) => (state.data?.pending ? AGAIN : false),
  });
  if (end.isPending) return <Loading what="the season’s end" />;
  if (!end.data) return <Failed error={end.error} retry={() => void end.refetch()} />;
  const { home, pieces, goes, stays, boxes } = end.data;

  async function put(piece: Piece, thing: Thing, chosen: boolean | null) {
    await ask(
      client.PUT("/api/pieces/{id}/strip", {
        params: { path: { id: piece.id } },
        body: { style: thing.style, stays: chosen },
      }),
    );
    await queryClient.invalidateQueries({ queryKey: keys.seasonEnd(homeId) });
  }

  async function choose(piece: Piece, thing: Thing, chosen: boolean | null) {
    const before = thing.why === "said" ? thing.stays : null;
    try {
      await put(piece, thing, chosen);
      say(
        chosen === null
          ? `${thing.label} on ${piece.name} is as its tag and its look say.`
          : `${thing.label} on ${piece.name} ${chosen ? "stays" : "goes"}.`,
        () => put(piece, thing, before),
      );
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: home.name, to: `/homes/${home.id}` },
          { label: "Season’s end" },
        ]}
        of={home.name}
      >
        <Typography variant="body2" color="textSecondary">
          {home.strike_on ? `taken down ${date(home.strike_on)}` : "no day yet"}
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
        <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, md: 2.5 } }}>
          {pieces.length === 0 && (
            <Notice title="Nothing stands in this home">
              What its pieces take is gone through here after the day: what says holiday goes, what is winter stays.
            </Notice>
          )}
          {pieces.map((piece) => (
            <StripPiece
              key={piece.id}
              piece={piece}
              onSay={(thing, chosen) => void choose(piece, thing, chosen)}
              onEnter={setEntering}
            />
          ))}
        </Box>
        <Box
          component="aside"
          aria-label="The strike"
          sx={{ p: 2, overflow: { md: "auto" }, borderLeft: { md: 1 }, borderColor: { md: "divider" } }}
        >
          <Typography variant="h2">The strike</Typography>
          <Typography sx={{ fontSize: "2.25rem", fontWeight: 700, lineHeight: 1.2 }}>
            {minutes(end.data.minutes)}
          </Typography>
          <Typography color="textSecondary">
            to take down and pack; {counted(goes, "thing")} {goes === 1 ? "goes" : "go"}, {stays}{" "}
            {stays === 1 ? "stays" : "stay"}
          </Typography>
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
            {end.data.visits.map(({ id, held_on }) => (
              <Button key={id} component={RouterLink} to={`/visits/${id}`} variant="outlined">
                Run sheet, {weekday(held_on)}
              </Button>
            ))}
            {end.data.visits.length === 0 && (
              <Button component={RouterLink} to="/days" variant="outlined">
                Plan a visit to take it down
              </Button>
            )}
          </Box>
          {boxes.length > 0 && (
            <Box component="section" aria-label="Into which boxes" sx={{ mt: 3 }}>
              <Typography variant="h2" gutterBottom>
                Into which boxes
              </Typography>
              {boxes.map(({ number, place, things }) => (
                <Box
                  key={number ?? 0}
                  sx={{
                    display: "flex",
                    justifyContent: "space-between",
                    gap: 2,
                    py: 0.5,
                    borderTop: 1,
                    borderColor: "divider",
                  }}
                >
                  <Typography>{number === null ? "No box yet" : `Box ${number}, ${place ?? ""}`}</Typography>
                  <Typography color="textSecondary" sx={{ whiteSpace: "nowrap" }}>
                    {counted(things, "thing")}
                  </Typography>
                </Box>
              ))}
            </Box>
          )}
          <Bridge end={end.data} />
          <Spring end={end.data} />
          <Typography variant="body2" color="textSecondary" sx={{ mt: 3 }}>
            Press what is chosen once more, and it is as its tag and its look say.
          </Typography>
        </Box>
      </Box>
      {entering && (
        <EntryDialog
          thing={{
            id: entering.style,
            name: entering.label,
            kind: entering.kind,
            on_hand: entering.count,
            where: entering.boxes,
          }}
          onClose={() => {
            setEntering(null);
            void queryClient.invalidateQueries({ queryKey: keys.seasonEnd(homeId) });
          }}
        />
      )}
    </>
  );
}
