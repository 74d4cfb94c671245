import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import { KINDS } from "../../kinds/registry";
import { DeleteDialog } from "../../parts/DeleteDialog";
import { ShortButton } from "../../parts/ShortButton";
import { MoreMenu } from "../../parts/MoreMenu";
import { deletedTold } from "../../parts/frees";
import { useUndo } from "../../parts/undo";
import { counted, minutes, toBuy, type Money } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";

const ShortagesDrawer = lazy(async () => ({
  default: (await import("../../parts/ShortagesDrawer")).ShortagesDrawer,
}));

interface Props {
  piece: Schemas["PieceOfRoom"];
  home: { id: string; name: string };
  /** At which all pieces of the home are drawn, pixels a metre. */
  scale: number;
}

/** Pixels a piece is drawn within. */
export const PORTRAIT = { width: 132, height: 92 };

/** One piece of a room: drawn small, what it lacks, what wants care. */
export function PieceRow({ piece, home, scale }: Props) {
  const units = useUnits();
  const currency = useCurrency();
  const cache = useQueryClient();
  const { say } = useUndo();
  const { summary } = piece;
  const { icon: Icon, told } = KINDS[piece.kind];
  const [asking, setAsking] = useState(false);
  const [short, setShort] = useState(false);
  const path = { params: { path: { id: piece.id } } };

  async function remove() {
    const { frees } = await ask(client.DELETE("/api/pieces/{id}", path));
    await cache.invalidateQueries({ queryKey: keys.home(home.id) });
    say(deletedTold(piece.name, frees, units), async () => {
      await ask(client.POST("/api/pieces/{id}/restore", path));
      await cache.invalidateQueries({ queryKey: keys.home(home.id) });
    });
  }

  return (
    <Box
      sx={(theme) => ({
        display: "flex",
        alignItems: "center",
        gap: 2,
        px: 2,
        py: 1,
        borderTop: `1px solid ${theme.palette.divider}`,
        flexWrap: { xs: "wrap", sm: "nowrap" },
      })}
    >
      <Box sx={{ width: PORTRAIT.width, flexShrink: 0, display: "flex", justifyContent: "center" }}>
        {piece.portrait ? (
          <PortraitRow portraits={[piece.portrait]} {...PORTRAIT} scale={scale} />
        ) : (
          <Icon aria-hidden sx={{ color: "primary.main" }} />
        )}
      </Box>
      <Box sx={{ flex: "1 1 200px", minWidth: 0 }}>
        <Link component={RouterLink} to={`/pieces/${piece.id}`} sx={{ fontWeight: 600 }} color="inherit">
          {piece.name}
        </Link>
        <Typography variant="body2" color="textSecondary">
          {summary ? told(piece, units) : "still being reckoned"}
        </Typography>
      </Box>
      <Box sx={{ width: 170 }}>
        {summary?.chosen && <Shortage summary={summary} currency={currency} open={() => setShort(true)} />}
      </Box>
      <Typography variant="body2" sx={{ flex: "1 1 260px" }}>
        {summary?.worst && (
          <>
            <strong>{summary.stops > 0 ? "Stop" : "Caution"}.</strong> {summary.worst}
          </>
        )}
      </Typography>
      <MoreMenu
        label={`More for ${piece.name}`}
        entries={[
          { label: "Ledger as CSV", href: `/api/pieces/${piece.id}/ledger.csv` },
          { label: "Delete", run: () => setAsking(true) },
        ]}
      />
      <Suspense fallback={null}>
        {short && <ShortagesDrawer home={home} pieceId={piece.id} onClose={() => setShort(false)} />}
      </Suspense>
      {asking && <DeleteDialog name={piece.name} onDelete={remove} onClose={() => setAsking(false)} />}
    </Box>
  );
}

/** What it lacks, what that costs, how long it takes. */
function Shortage({
  summary,
  currency,
  open,
}: {
  summary: Schemas["PieceSummary"];
  currency: Money;
  open: () => void;
}) {
  const short = summary.short_lines > 0;
  return (
    <>
      <Typography variant="body2" component="div" sx={{ fontWeight: 600 }}>
        {short ? (
          <ShortButton onClick={open}>{counted(summary.short_lines, "thing")} short</ShortButton>
        ) : (
          "all on the shelf"
        )}
      </Typography>
      {short && (
        <Typography variant="body2" color="textSecondary">
          {toBuy(summary, currency)}
        </Typography>
      )}
      <Typography variant="body2" color="textSecondary">
        {minutes(summary.minutes)} of dressing
      </Typography>
    </>
  );
}
