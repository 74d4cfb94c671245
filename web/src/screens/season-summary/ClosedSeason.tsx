import PrintOutlined from "@mui/icons-material/PrintOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Strip } from "../../shell/Strip";
import { amount } from "../../units/amount";
import { counted, date, minutes, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { unitOf, valueOf } from "../lessons/lessonWords";
import { CameTo } from "./CameTo";
import { Line, Lines } from "./Lines";

type Closed = Schemas["ClosedSeason"];
type Piece = Schemas["ClosedPiece"];

const HIGH = 84;

/** A season that is over, as it was kept: its figures, its house rules, and what stood where. */
export function ClosedSeason() {
  const { season = "" } = useParams();
  const kept = useQuery({
    queryKey: keys.closedSeason(season),
    queryFn: () => ask(client.GET("/api/seasons/{season}", { params: { path: { season } } })),
  });
  if (kept.isPending) return <Loading what="the season" />;
  if (!kept.data) return <Failed error={kept.error} retry={() => void kept.refetch()} />;
  const told = kept.data;
  return (
    <>
      <Strip
        crumbs={[
          { label: "Season", to: "/" },
          { label: "What it came to", to: "/season-summary" },
          { label: `Season ${told.season}` },
        ]}
      >
        <Button startIcon={<PrintOutlined />} href={`/api/season-summary.pdf?season=${told.season}`}>
          On paper
        </Button>
      </Strip>
      <CameTo
        told={told.summary}
        beside={
          <Typography color="textSecondary" sx={{ mb: 3 }}>
            Closed on {date(told.closed_on)}
            {told.closed_by && ` by ${told.closed_by}`}. All of this is as it was then.
          </Typography>
        }
        below={
          <>
            {told.homes.map((home) => (
              <Home key={home.id} season={season} home={home} />
            ))}
            <Rules rules={told.house_rules} />
          </>
        }
      />
    </>
  );
}

/** What stood in a home is read when somebody looks. */
function Home({ season, home }: { season: string; home: Closed["homes"][number] }) {
  const [seen, setSeen] = useState(false);
  const stood = useQuery({
    queryKey: keys.closedHome(season, home.id),
    queryFn: () => ask(client.GET("/api/seasons/{season}/homes/{id}", { params: { path: { season, id: home.id } } })),
    enabled: seen,
  });
  const days = [home.visit_on && date(home.visit_on), home.strike_on && date(home.strike_on)].filter(Boolean);
  return (
    <Lines title={home.name}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, flexWrap: "wrap" }}>
        <Typography color="textSecondary" sx={{ flex: 1 }}>
          {[days.join(" to "), home.pieces === 0 ? "nothing stood there" : counted(home.pieces, "piece")]
            .filter(Boolean)
            .join(" · ")}
        </Typography>
        {home.pieces > 0 && (
          <Button onClick={() => setSeen(!seen)} aria-expanded={seen} sx={{ minHeight: 44 }}>
            {seen ? "Fold it away" : `What stood in ${home.name}`}
          </Button>
        )}
      </Box>
      {seen && stood.isPending && <Loading what="what stood there" />}
      {seen && stood.isError && <Failed error={stood.error} retry={() => void stood.refetch()} />}
      {seen &&
        stood.data?.rooms.flatMap((room) =>
          room.pieces.map((piece) => <Stood key={piece.id} room={room.name} piece={piece} />),
        )}
    </Lines>
  );
}

function Stood({ room, piece }: { room: string; piece: Piece }) {
  const units = useUnits();
  return (
    <Box
      component="details"
      sx={{ borderTop: 1, borderColor: "divider", py: 0.75, "& summary": { cursor: "pointer", listStyle: "none" } }}
    >
      <Box component="summary" sx={{ display: "flex", gap: 2, alignItems: "center", minHeight: 44 }}>
        <Box sx={{ width: 96, display: "flex", justifyContent: "center", flexShrink: 0 }}>
          {piece.portrait && <PortraitRow portraits={[piece.portrait]} width={96} height={HIGH} />}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>{piece.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {[room, piece.place].filter(Boolean).join(", ")}
          </Typography>
        </Box>
        <Typography variant="body2" color="textSecondary" sx={{ textAlign: "right" }}>
          {counted(piece.things.length, "thing")}
          <br />
          {minutes(piece.minutes)}
        </Typography>
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 14, pb: 1 }}>
        {piece.things.map((thing, i) => (
          <Typography component="li" key={`${thing.label} ${i}`}>
            {needOf(thing, units)} {thing.label}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

function needOf({ need, unit }: Schemas["ClosedThing"], units: Units): string {
  return amount(need, unit === "m" ? "ribbon" : "ornament", units);
}

function Rules({ rules }: { rules: Closed["house_rules"] }) {
  const units = useUnits();
  return (
    <Lines title="By these house rules" empty={rules.length === 0 && "All of them were those of the book."}>
      {rules.map((rule) => (
        <Line
          key={rule.key}
          what={rule.title}
          under={`the book says ${valueOf(rule.book, rule, units)}`}
          much={`${valueOf(rule.value, rule, units)} ${unitOf(rule, units)}`}
        />
      ))}
    </Lines>
  );
}
