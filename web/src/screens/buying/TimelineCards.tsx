import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { money, weekday } from "../../units/format";
import { amount } from "../../units/amount";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { CARD, LANE } from "./BuyingCard";
import { daysFrom, type Placed } from "./days";
import type { Arrival, Trial } from "./onTrial";

function At({ placed, children }: { placed: Placed | undefined; children: ReactNode }) {
  if (!placed) return <Box sx={{ mb: 1 }}>{children}</Box>;
  return <Box sx={{ position: "absolute", left: placed.left, top: placed.lane * LANE + 6 }}>{children}</Box>;
}

/** A parcel on its way, at the day it comes. */
export function ComingCard({
  one,
  place,
  placed,
  onReceive,
}: {
  one: Arrival;
  place: number;
  placed: Placed | undefined;
  onReceive: (purchase: string) => void;
}) {
  const units = useUnits();
  const { line, purchase, coming } = one;
  const late = coming?.late ?? false;
  const after = late && coming?.wanted_on ? daysFrom(coming.wanted_on, one.expected_on) : 0;
  return (
    <At placed={placed}>
      <ButtonBase
        onClick={() => onReceive(purchase.id)}
        aria-label={`${line.name} comes ${weekday(one.expected_on)}`}
        sx={(theme) => ({
          width: CARD,
          height: 66,
          display: "flex",
          gap: 0.75,
          px: 0.75,
          textAlign: "left",
          justifyContent: "flex-start",
          bgcolor: "background.paper",
          border: `1px dashed ${late ? theme.palette.error.main : theme.palette.primary.main}`,
          borderRadius: 1,
        })}
      >
        <Thumbnail thing={line} place={place} size={34} />
        <Box sx={{ minWidth: 0, flex: 1 }}>
          <Typography variant="body2" noWrap sx={{ fontWeight: 700, lineHeight: 1.3 }}>
            {line.name}
          </Typography>
          <Typography variant="body2" noWrap sx={{ fontSize: "0.75rem", lineHeight: 1.35 }}>
            {amount(line.to_come * line.pack_size, line.kind, units)} from {purchase.supplier_name ?? "the shop"}
          </Typography>
          <Typography
            variant="body2"
            noWrap
            sx={{ fontSize: "0.75rem", lineHeight: 1.35 }}
            color={late ? "error" : "textSecondary"}
          >
            {late ? `${after === 1 ? "1 day" : `${after} days`} after the visit` : weekday(one.expected_on)}
            {line.claimed > 0 && `, ${line.claimed} came wrong`}
          </Typography>
        </Box>
      </ButtonBase>
    </At>
  );
}

/** A tag on its string, at the day by which it is decided. */
export function TrialCard({
  one,
  place,
  placed,
  says,
  onReceive,
  onTags,
  onSeen,
}: {
  one: Trial;
  place: number;
  placed?: Placed | undefined;
  says: string;
  onReceive: (purchase: string) => void;
  onTags: () => void;
  onSeen: () => void;
}) {
  const units = useUnits();
  const currency = useCurrency();
  const inner = (
    <>
      <Box
        aria-hidden
        sx={(theme) => ({
          width: 9,
          height: 9,
          borderRadius: 5,
          flexShrink: 0,
          border: `1.5px solid ${theme.palette.tokens.quince}`,
          bgcolor: "background.default",
        })}
      />
      <Thumbnail thing={one} place={place} size={34} />
      <Box sx={{ minWidth: 0, flex: 1 }}>
        <Typography variant="body2" noWrap sx={{ fontWeight: 700, lineHeight: 1.3 }}>
          {one.name}
        </Typography>
        <Typography variant="body2" noWrap sx={{ fontSize: "0.75rem", lineHeight: 1.35 }}>
          {one.from === "seen" ? "seen" : amount(one.quantity, one.kind, units)}
          {one.cents !== null && `, ${money(one.cents, currency)}${one.from === "stock" ? " a pack" : ""}`}
        </Typography>
        <Typography variant="body2" noWrap sx={{ fontSize: "0.75rem", lineHeight: 1.35 }}>
          {says}
        </Typography>
      </Box>
    </>
  );
  const { purchase, from } = one;
  return (
    <At placed={placed}>
      <ButtonBase
        onClick={() => (purchase ? onReceive(purchase) : from === "seen" ? onSeen() : onTags())}
        aria-label={`${one.name}, ${says}`}
        sx={(theme) => ({
          width: CARD,
          maxWidth: "100%",
          height: 66,
          display: "flex",
          gap: 0.75,
          pl: 1.5,
          pr: 0.5,
          textAlign: "left",
          justifyContent: "flex-start",
          bgcolor: theme.palette.tokens.quinceWash,
          clipPath: "polygon(12px 0, 100% 0, 100% 100%, 12px 100%, 0 calc(100% - 14px), 0 14px)",
        })}
      >
        {inner}
      </ButtonBase>
    </At>
  );
}
