import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { counted } from "../units/format";
import { ColourDot } from "./ColourDot";
import { bought, inLine } from "./ledgerWords";
import { SideDrawer } from "./SideDrawer";
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
  const quantity = (value: number) => inLine(value, item, units);
  const spares = item.spares_short >= item.short;
  return (
    <Box component="li" sx={(theme) => ({ py: 0.75, borderTop: `1px solid ${theme.palette.divider}` })}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <ColourDot colour={item.colour} square={item.unit === "m"} />
        <Typography variant="body2" sx={{ flex: 1 }}>
          {item.label}
        </Typography>
        <Typography variant="body2" sx={{ fontWeight: 600, color: spares ? "text.primary" : "error.main" }}>
          {quantity(item.short)} short
        </Typography>
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ pl: "19px" }}>
        {[
          `${quantity(item.need)}${item.spares > 0 ? ` + ${item.spares}` : ""} wanted, ${quantity(item.have)} there`,
          ...(item.elsewhere > 0 ? [`${quantity(item.elsewhere)} kept for other pieces`] : []),
          bought(item, units, currency) || "not chosen yet, no price",
        ].join("; ")}
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
    <SideDrawer title={`Short at ${home.name}`} closes="Close what is short" onClose={onClose}>
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
      {groups.length > 0 && (
        <Link component={RouterLink} to={`/buying?home=${home.id}`} sx={{ display: "inline-block", mt: 2 }}>
          Buy what is short here
        </Link>
      )}
      {found.data && found.data.pending > 0 && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 2 }}>
          {counted(found.data.pending, "piece")} still being reckoned.
        </Typography>
      )}
    </SideDrawer>
  );
}
