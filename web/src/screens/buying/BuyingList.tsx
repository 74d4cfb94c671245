import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { amount } from "../../units/amount";
import { counted, money, shortDay, weekday } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { BoughtTick } from "./BoughtTick";
import { HomeMarks } from "./HomeMarks";
import { Waits } from "./Round";
import type { Desk, Line } from "./useBuying";
import type { Rounds } from "./useRound";
import { bySupplier, NOBODY, packsWords, priceWords } from "./words";

interface Props {
  desk: Desk;
  round: Rounds;
  onOpen: (style: string) => void;
  onOrder: (supplier: string) => void;
}

const SORTS: Record<string, (one: Line, other: Line) => number> = {
  "by the day": (one, other) => (one.quote.order_by_on ?? "9").localeCompare(other.quote.order_by_on ?? "9"),
  "by name": (one, other) => one.name.localeCompare(other.name),
  "by price": (one, other) => (other.quote.cents ?? 0) - (one.quote.cents ?? 0),
};

function Row({ line, place, round, onOpen }: { line: Line; place: number; round: Rounds; onOpen: Props["onOpen"] }) {
  const units = useUnits();
  const currency = useCurrency();
  const waiting = round.waits(line);
  const soldOut = line.quote.packs.length === 0;
  const { late, order_by_on } = line.quote;
  return (
    <Box
      component="li"
      sx={(theme) => ({
        display: "flex",
        alignItems: "center",
        gap: 1,
        borderBottom: `1px solid ${theme.palette.divider}`,
      })}
    >
      <BoughtTick line={line} round={round} />
      <ButtonBase
        onClick={() => onOpen(line.id)}
        sx={{ flex: 1, minWidth: 0, display: "flex", alignItems: "center", gap: 1.25, py: 0.75, textAlign: "left" }}
      >
        <Thumbnail thing={line} place={place} size={34} />
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography sx={{ fontWeight: 600, lineHeight: 1.3, textDecoration: waiting ? "line-through" : "none" }}>
            {line.name}
          </Typography>
          <Typography variant="body2" color={soldOut ? "error" : "textSecondary"}>
            {packsWords(line.quote, line.kind, units)}
            {waiting && ", bought, kept here until there is network"}
          </Typography>
        </Box>
        <Typography
          variant="body2"
          color="textSecondary"
          sx={{ width: 210, flexShrink: 0, display: { xs: "none", lg: "block" } }}
        >
          {amount(line.to_order, line.kind, units)} lacking, {amount(line.on_hand, line.kind, units)} owned
          {line.wanted_on && `, wanted ${shortDay(line.wanted_on)}`}
        </Typography>
        <HomeMarks homes={line.homes} count={line.homes_count} />
        <Box sx={{ width: { xs: 92, sm: 118 }, textAlign: "right", flexShrink: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>{priceWords(line.quote, currency)}</Typography>
          <Typography variant="body2" color={late ? "error" : "textSecondary"}>
            {order_by_on ? `${late ? "late " : ""}${weekday(order_by_on)}` : "no visit yet"}
          </Typography>
        </Box>
      </ButtonBase>
    </Box>
  );
}

/** The plain list, shop by shop: sorted, narrowed, ticked off where it is bought. */
export function BuyingList({ desk, round, onOpen, onOrder }: Props) {
  const currency = useCurrency();
  const [sort, setSort] = useState("by the day");
  const [words, setWords] = useState("");
  const [only, setOnly] = useState("");
  const said = words.trim().toLowerCase();
  const found = desk.items
    .filter((line) => !said || `${line.name} ${line.material ?? ""}`.toLowerCase().includes(said))
    .filter((line) => only === "" || (only === "late" ? line.quote.late : (line.quote.supplier ?? "none") === only))
    .sort(SORTS[sort]);
  const shops = bySupplier(desk.suppliers, found);
  return (
    <Box component="section" aria-label="To buy" sx={{ pt: 2 }}>
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", mb: 1 }}>
        <TextField
          label="Narrow by words"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          sx={{ flex: 1, minWidth: { xs: "100%", sm: 150 } }}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          select
          label="Only"
          value={only}
          onChange={(event) => setOnly(event.target.value)}
          sx={{ width: 160, flex: { xs: 1, sm: "none" } }}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">everything</MenuItem>
          <MenuItem value="late">what is late</MenuItem>
          {desk.suppliers.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
          <MenuItem value="none">{NOBODY}</MenuItem>
        </TextField>
        <TextField
          select
          label="Order"
          value={sort}
          onChange={(event) => setSort(event.target.value)}
          sx={{ width: 130, flex: { xs: 1, sm: "none" } }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {Object.keys(SORTS).map((name) => (
            <MenuItem key={name} value={name}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Waits round={round} />
      {found.length === 0 && (
        <Typography color="textSecondary" sx={{ py: 3 }}>
          {desk.total === 0 ? "Nothing lacks that is not on its way." : "Nothing like that is to be bought."}
        </Typography>
      )}
      {shops.map(({ id, name, lines }) => (
        <Box key={id ?? ""} component="section" aria-label={name} sx={{ mt: 2 }}>
          <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
            <Typography variant="h3" component="h2" sx={{ flex: 1, minWidth: 0 }} noWrap>
              {name}
            </Typography>
            <Typography color="textSecondary" noWrap>
              {counted(lines.length, "line")},{" "}
              {money(
                lines.reduce((sum, { quote }) => sum + (quote.cents ?? 0), 0),
                currency,
              )}
            </Typography>
            <Button size="small" variant="outlined" onClick={() => onOrder(id ?? "")} aria-label={`Order at ${name}`}>
              Order
            </Button>
          </Box>
          <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {lines.map((line, i) => (
              <Row key={line.id} line={line} place={i} round={round} onOpen={onOpen} />
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
