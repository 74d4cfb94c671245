import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useCurrency, useUnits } from "../../units/useUnits";
import { weekday } from "../../units/format";
import { BoughtTick } from "./BoughtTick";
import { packsWords, priceWords } from "./words";
import type { Line } from "./useBuying";
import type { Rounds } from "./useRound";

/** A line to be ticked off in the shop. */
export function TickLine({ line, round, onOpen }: { line: Line; round: Rounds; onOpen: (style: string) => void }) {
  const units = useUnits();
  const currency = useCurrency();
  const waiting = round.waits(line);
  const soldOut = line.quote.packs.length === 0;
  const notes = [
    packsWords(line.quote, line.kind, units),
    ...(line.quote.late && line.quote.order_by_on ? [`late, by ${weekday(line.quote.order_by_on)}`] : []),
    ...(waiting ? ["bought, kept here until there is network"] : []),
  ];
  return (
    <Box component="li" sx={{ display: "flex", alignItems: "flex-start", gap: 0.5, py: 0.25 }}>
      <BoughtTick line={line} round={round} size="small" />
      <ButtonBase
        onClick={() => onOpen(line.id)}
        sx={{ flex: 1, minWidth: 0, display: "block", textAlign: "left", borderRadius: 0.5 }}
      >
        <Typography noWrap sx={{ textDecoration: waiting ? "line-through" : "none" }}>
          {line.name}
        </Typography>
        <Typography variant="body2" color={line.quote.late || soldOut ? "error" : "textSecondary"}>
          {notes.join(", ")}
        </Typography>
      </ButtonBase>
      <Typography sx={{ fontWeight: 600, whiteSpace: "nowrap" }}>{priceWords(line.quote, currency)}</Typography>
    </Box>
  );
}
