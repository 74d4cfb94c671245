import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { memo } from "react";
import { shortDay } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { amount } from "../../units/amount";
import { Thumbnail } from "../stock/Thumbnail";
import type { Placed } from "./days";
import { HomeMarks } from "./HomeMarks";
import type { Line } from "./useBuying";
import { packsWords, priceWords } from "./words";

/** How wide a card is, and how high a lane of them, pixels. */
export const CARD = 190;
export const LANE = 84;

interface Way {
  from: number;
  comes: number;
  wanted: number | null;
  day: number;
  days: number;
}

interface Props {
  line: Line;
  place: number;
  onOpen: (style: string) => void;
  /** Without one it is late and stands by itself. */
  placed?: Placed | undefined;
  way?: Way;
}

/** From the day it is ordered to the day it comes, and on to the day it is wanted. */
function WayLine({ way: { from, comes, wanted, day, days } }: { way: Way }) {
  const x = (at: number) => (Math.min(at, days) + 0.5) * day;
  if (wanted === null) return null;
  const width = days * day;
  return (
    <Box
      component="svg"
      aria-hidden
      width={width}
      height={10}
      sx={{ position: "absolute", left: 0, bottom: 2, color: "primary.main", pointerEvents: "none" }}
    >
      <line x1={x(from)} x2={x(comes)} y1="5" y2="5" stroke="currentColor" strokeWidth="2" />
      <circle cx={x(comes)} cy="5" r="2.5" fill="currentColor" />
      <line
        x1={x(comes)}
        x2={x(wanted) - 4}
        y1="5"
        y2="5"
        stroke="currentColor"
        strokeWidth="2"
        strokeDasharray="2 3"
      />
      <path d={`M${x(wanted)} 1l4 4-4 4-4-4z`} stroke="currentColor" strokeWidth="1.5" fill="none" />
    </Box>
  );
}

/** A thing to be bought: how much in packs, for how much, for whom. */
export const BuyingCard = memo(function BuyingCard({ line, place, onOpen, placed, way }: Props) {
  const units = useUnits();
  const currency = useCurrency();
  const { late, order_by_on, packs } = line.quote;
  const soldOut = packs.length === 0;
  const [instead] = line.instead;
  const alarming = late || soldOut;
  const card = (
    <ButtonBase
      onClick={() => onOpen(line.id)}
      sx={(theme) => ({
        width: CARD,
        maxWidth: "100%",
        height: 64,
        display: "flex",
        alignItems: "center",
        justifyContent: "flex-start",
        gap: 0.75,
        textAlign: "left",
        px: 0.75,
        bgcolor: "background.paper",
        border: `1px solid ${alarming ? theme.palette.error.main : theme.palette.divider}`,
        [placed?.leftwards ? "borderRight" : "borderLeft"]:
          `3px solid ${alarming ? theme.palette.error.main : theme.palette.primary.main}`,
        borderRadius: placed?.leftwards ? "4px 0 0 4px" : "0 4px 4px 0",
        boxShadow: "0 1px 2px rgb(0 0 0 / 8%)",
      })}
    >
      <Thumbnail thing={line} place={place} size={36} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography variant="body2" noWrap sx={{ fontWeight: 700, lineHeight: 1.3, fontSize: "0.78rem" }}>
          {line.name}
        </Typography>
        <Typography
          variant="body2"
          noWrap
          sx={{ fontSize: "0.75rem", lineHeight: 1.35 }}
          color={soldOut ? "error" : "textPrimary"}
        >
          {packsWords(line.quote, line.kind, units)}
        </Typography>
        <Box sx={{ display: "flex", alignItems: "center", gap: 0.5 }}>
          <Typography variant="body2" noWrap sx={{ flex: 1, fontWeight: 700, lineHeight: 1.3 }}>
            {priceWords(line.quote, currency)}
            {late && order_by_on && (
              <Typography component="span" variant="body2" color="textSecondary" sx={{ fontSize: "0.75rem" }}>
                {" "}
                by {shortDay(order_by_on)}
              </Typography>
            )}
          </Typography>
          <HomeMarks homes={line.homes} count={line.homes_count} />
        </Box>
      </Box>
    </ButtonBase>
  );
  if (!placed)
    return (
      <Box sx={{ mb: 1 }}>
        {card}
        <Typography variant="body2" sx={{ mt: 0.25, fontSize: "0.75rem" }}>
          <Box component="strong" sx={{ color: "error.main" }}>
            Plan B
          </Box>{" "}
          {instead
            ? `${instead.name}, ${amount(instead.free, instead.kind, units)} free`
            : "nothing like it is free; open it to see"}
        </Typography>
      </Box>
    );
  return (
    <Box
      sx={{
        position: "absolute",
        left: 0,
        right: 0,
        top: placed.lane * LANE + 6,
        height: LANE - 6,
        pointerEvents: "none",
      }}
    >
      <Box sx={{ position: "absolute", left: placed.left, top: 0, pointerEvents: "auto" }}>{card}</Box>
      {way && <WayLine way={way} />}
    </Box>
  );
});
