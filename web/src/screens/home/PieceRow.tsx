import ParkOutlined from "@mui/icons-material/ParkOutlined";
import SpaOutlined from "@mui/icons-material/SpaOutlined";
import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { MoreMenu } from "../../parts/MoreMenu";
import { useUndo } from "../../parts/undo";
import { length, minutes, money } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";

export function PieceRow({ piece, homeId }: { piece: Schemas["PieceOfRoom"]; homeId: string }) {
  const units = useUnits();
  const currency = useCurrency();
  const cache = useQueryClient();
  const { say } = useUndo();
  const { summary } = piece;
  const path = { params: { path: { id: piece.id } } };

  async function remove() {
    await ask(client.DELETE("/api/pieces/{id}", path));
    await cache.invalidateQueries({ queryKey: keys.home(homeId) });
    say(`${piece.name} was deleted.`, async () => {
      await ask(client.POST("/api/pieces/{id}/restore", path));
      await cache.invalidateQueries({ queryKey: keys.home(homeId) });
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
      {piece.kind === "run" ? (
        <SpaOutlined aria-hidden sx={{ color: "primary.main" }} />
      ) : (
        <ParkOutlined aria-hidden sx={{ color: "primary.main" }} />
      )}
      <Box sx={{ flex: "1 1 200px", minWidth: 0 }}>
        <Link component={RouterLink} to={`/pieces/${piece.id}`} sx={{ fontWeight: 600 }} color="inherit">
          {piece.name}
        </Link>
        <Typography variant="body2" color="textSecondary">
          {piece.kind === "run"
            ? piece.length_m
              ? `greens, ${length(piece.length_m, units)}`
              : "greens, not measured yet"
            : `${piece.height_m ? length(piece.height_m, units) : "no tree chosen yet"}, ${piece.place?.toLowerCase() ?? "no place yet"}`}
        </Typography>
      </Box>
      <Box sx={{ width: 150 }}>
        <Typography
          variant="body2"
          sx={{ fontWeight: 600, color: summary.short_lines > 0 ? "error.main" : "text.primary" }}
        >
          {!summary.chosen ? "" : summary.short_lines > 0 ? `${summary.short_lines} things short` : "all on the shelf"}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {summary.chosen ? `${money(summary.buy_cents, currency)} · ${minutes(summary.minutes)}` : ""}
        </Typography>
      </Box>
      <Typography variant="body2" sx={{ flex: "1 1 260px" }}>
        {summary.worst && (
          <>
            <strong>{summary.stops > 0 ? "Stop" : "Caution"}.</strong> {summary.worst}
          </>
        )}
      </Typography>
      <MoreMenu
        label={`More for ${piece.name}`}
        entries={[
          { label: "Ledger as CSV", href: `/api/pieces/${piece.id}/ledger.csv` },
          { label: "Delete", run: () => void remove() },
        ]}
      />
    </Box>
  );
}
