import PrintOutlined from "@mui/icons-material/PrintOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link as RouterLink, useParams } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys, useSeasonYear } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Strip } from "../../shell/Strip";
import { date, minutes, money, weekday } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { BookRoom } from "./BookRoom";
import { Pictures, Words } from "./Pictures";

type Book = Schemas["HomeBook"];

/** A home for the studio's own book: as it was drawn, before and after, and what it came to. */
export function HomeBook() {
  const { homeId = "" } = useParams();
  const year = useSeasonYear();
  const book = useQuery({
    queryKey: keys.homeBook(homeId),
    queryFn: () => ask(client.GET("/api/homes/{id}/book", { params: { path: { id: homeId } } })),
  });
  if (book.isPending) return <Loading what="the book" />;
  if (!book.data) return <Failed error={book.error} retry={() => void book.refetch()} />;
  const told = book.data;
  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: told.home.name, to: `/homes/${told.home.id}` },
          { label: "Before and after" },
        ]}
        of={told.home.name}
      >
        <Button startIcon={<PrintOutlined />} href={`/api/homes/${told.home.id}/book.pdf`}>
          On paper
        </Button>
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", p: { xs: 2, md: 3 } }}>
        <Box sx={{ maxWidth: 1160 }}>
          {told.rooms.length === 0 ? (
            <Notice title="Nothing is dressed in this home yet">
              What was drawn of it and photographed in its visits comes together here.
            </Notice>
          ) : (
            <>
              <Figures told={told} />
              <Where told={told} />
              <Pictures of={told.home.name} pictures={{ before: told.before, after: told.after }} />
              <Words says={told.client} />
              {told.rooms.map((room) => (
                <BookRoom key={room.id} room={room} />
              ))}
            </>
          )}
        </Box>
      </Box>
    </>
  );
}

function Figures({ told }: { told: Book }) {
  const currency = useCurrency();
  const { figures, home } = told;
  const days = [
    home.visit_on && `put up ${date(home.visit_on)}`,
    home.strike_on && `taken down ${date(home.strike_on)}`,
  ];
  const shown = figures
    ? [
        { value: money(figures.bought_cents, currency), says: "spent" },
        { value: money(figures.stock_cents, currency), says: "worth from stock" },
        ...(figures.took > 0
          ? [{ value: minutes(figures.took), says: `worked, of ${minutes(figures.planned)} planned` }]
          : []),
      ]
    : [];
  return (
    <Box sx={{ mb: 3 }}>
      <Box component="section" aria-label="What it came to" sx={{ display: "flex", flexWrap: "wrap", gap: 4, mb: 1 }}>
        {shown.map(({ value, says }) => (
          <Box key={says}>
            <Typography sx={{ fontSize: "1.75rem", fontWeight: 600, lineHeight: 1.2 }}>{value}</Typography>
            <Typography color="textSecondary">{says}</Typography>
          </Box>
        ))}
      </Box>
      <Typography color="textSecondary">{[home.client, ...days].filter(Boolean).join(" · ")}</Typography>
    </Box>
  );
}

/** Where pictures come from, as long as something is missing. */
function Where({ told }: { told: Book }) {
  const pieces = told.rooms.flatMap((room) => room.pieces);
  const drawn = pieces.some((piece) => piece.drawn !== null);
  const seen = [told, ...pieces].some(({ before, after }) => before.length + after.length > 0);
  if (drawn && seen) return null;
  return (
    <Typography sx={{ mb: 3 }}>
      {!drawn && (
        <>
          Drawings are those of the{" "}
          <Link component={RouterLink} to={`/homes/${told.home.id}/proposal`} underline="always">
            proposal
          </Link>
          , once it was sent.{" "}
        </>
      )}
      {!seen && "Photographs from before and after are noted in the log of a visit"}
      {!seen && told.visits.length > 0 && ": "}
      {!seen &&
        told.visits.map(({ id, held_on }, i) => (
          <span key={id}>
            {i > 0 && ", "}
            <Link component={RouterLink} to={`/visits/${id}/log`} underline="always">
              {weekday(held_on)}
            </Link>
          </span>
        ))}
      {!seen && "."}
    </Typography>
  );
}
