import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { count, counted, money, plainLength, shortUnit } from "../units/format";
import { useCurrency, useUnits } from "../units/useUnits";

type Shortage = Schemas["Shortage"];

function byPiece(items: Shortage[]): Shortage[][] {
  const groups = new Map<string, Shortage[]>();
  for (const item of items) groups.set(item.piece, [...(groups.get(item.piece) ?? []), item]);
  return [...groups.values()];
}

function Line({ item }: { item: Shortage }) {
  const units = useUnits();
  const currency = useCurrency();
  const quantity = (value: number) =>
    item.unit === "m" ? `${plainLength(value, units)} ${shortUnit(units)}` : count(value);
  const spares = item.spares_short >= item.short;
  return (
    <Box component="li" sx={(theme) => ({ py: 0.75, borderTop: `1px solid ${theme.palette.divider}` })}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Box
          aria-hidden
          sx={(theme) => ({
            width: 11,
            height: 11,
            borderRadius: "50%",
            flexShrink: 0,
            bgcolor: item.colour ?? "transparent",
            border: `1px solid ${theme.palette.tokens.edge}`,
          })}
        />
        <Typography variant="body2" sx={{ flex: 1 }}>
          {item.label ?? "not chosen yet"}
        </Typography>
        <Typography variant="body2" sx={{ fontWeight: 600, color: spares ? "text.primary" : "error.main" }}>
          {quantity(item.short)} short
        </Typography>
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ pl: "19px" }}>
        {[
          `${quantity(item.need)}${item.spares > 0 ? ` and ${quantity(item.spares)} spare` : ""} wanted, ${quantity(item.have)} there`,
          spares && "only spares lack",
          item.buy_cents === null
            ? "price not known"
            : `${money(item.buy_cents, currency)}${item.packs !== null && item.packs > 0 && item.pack_size !== 1 ? ` for ${counted(item.packs, "pack")}` : ""}`,
        ]
          .filter(Boolean)
          .join("; ")}
      </Typography>
    </Box>
  );
}

interface Props {
  home: { id: string; name: string };
  /** Of this piece alone. */
  pieceId?: string;
  onClose: () => void;
}

/** What is short, piece by piece: what a count of short things opens. */
export function ShortagesDrawer({ home, pieceId, onClose }: Props) {
  const found = useQuery({
    queryKey: keys.shortages(home.id),
    queryFn: () => ask(client.GET("/api/homes/{id}/shortages", { params: { path: { id: home.id } } })),
    staleTime: 0,
  });
  const groups = byPiece((found.data?.items ?? []).filter((item) => !pieceId || item.piece === pieceId));
  return (
    <Drawer
      anchor="right"
      open
      onClose={onClose}
      slotProps={{
        paper: { sx: { width: { xs: "100%", sm: 420 } }, role: "dialog", "aria-labelledby": "shortages-title" },
      }}
    >
      <Box sx={{ p: 2.5, overflow: "auto" }}>
        <Box sx={{ display: "flex", alignItems: "flex-start", mb: 1 }}>
          <Typography id="shortages-title" variant="h2" sx={{ flex: 1 }}>
            Short at {home.name}
          </Typography>
          <IconButton onClick={onClose} aria-label="Close what is short" size="small" autoFocus>
            <Close fontSize="small" />
          </IconButton>
        </Box>
        {found.isPending && <Typography role="status">Looking it up …</Typography>}
        {found.isError && <Typography role="status">{found.error.message}</Typography>}
        {found.data && groups.length === 0 && <Typography>Nothing is short any more.</Typography>}
        {groups.map((items) => (
          <Box component="section" key={items[0]?.piece} aria-label={items[0]?.name} sx={{ mt: 2 }}>
            <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, mb: 0.5 }}>
              <Link component={RouterLink} to={`/pieces/${items[0]?.piece}`} sx={{ fontWeight: 600 }} color="inherit">
                {items[0]?.name}
              </Link>
              <Typography variant="body2" color="textSecondary">
                {items[0]?.room}
              </Typography>
            </Box>
            <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
              {items.map((item, i) => (
                <Line key={`${item.label} ${i}`} item={item} />
              ))}
            </Box>
          </Box>
        ))}
        {found.data && found.data.pending > 0 && (
          <Typography variant="body2" color="textSecondary" sx={{ mt: 2 }}>
            {counted(found.data.pending, "piece")} still being reckoned.
          </Typography>
        )}
      </Box>
    </Drawer>
  );
}
