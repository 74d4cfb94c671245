import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { counted, money, shortDay, weekday } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { dayAfter, daysFrom } from "./days";
import { TickLine } from "./TickLine";
import type { Desk } from "./useBuying";
import type { Rounds } from "./useRound";
import { bySupplier } from "./words";

/** As far as a round looks ahead. */
const DAYS = 7;

interface Props {
  desk: Desk;
  round: Rounds;
  onOpen: (style: string) => void;
}

/** What waits for network, and what the studio refused of it. */
export function Waits({ round }: { round: Rounds }) {
  return (
    <>
      {round.pending > 0 && (
        <Alert severity="info" role="status" sx={{ my: 1 }}>
          {counted(round.pending, "purchase")} kept here until there is network.
        </Alert>
      )}
      {round.refused.map(({ name, refused, body }) => (
        <Alert
          key={body.key}
          severity="error"
          sx={{ my: 1 }}
          action={<Button onClick={() => round.forget(body.key)}>Let it go</Button>}
        >
          {name} was refused: {refused}
        </Alert>
      ))}
    </>
  );
}

/** What has to be ordered within a week, shop by shop, to be ticked off. */
export function Round({ desk, round, onOpen }: Props) {
  const currency = useCurrency();
  const due = desk.items.filter(
    ({ quote }) => quote.order_by_on !== null && daysFrom(desk.today, quote.order_by_on) <= DAYS,
  );
  const shops = bySupplier(desk.suppliers, due);
  const sum = due.reduce((total, { quote }) => total + (quote.cents ?? 0), 0);
  const coupons = desk.suppliers.filter(({ coupon }) => coupon);
  return (
    <Box component="section" aria-label="This week's round" sx={{ mt: 3 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", mb: 0.5 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          This week’s round
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {shortDay(desk.today)} to {shortDay(dayAfter(desk.today, DAYS))}
        </Typography>
      </Box>
      <Waits round={round} />
      {due.length === 0 && <Typography color="textSecondary">Nothing has to be ordered this week.</Typography>}
      {shops.map(({ id, name, lines }) => (
        <Box key={id ?? ""} sx={{ mt: 1 }}>
          <Box sx={(theme) => ({ display: "flex", borderBottom: `1px solid ${theme.palette.divider}`, pb: 0.25 })}>
            <Typography variant="body2" sx={{ flex: 1, fontWeight: 700 }}>
              {name}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {lines[0]?.quote.order_by_on && weekday(lines[0].quote.order_by_on)}
            </Typography>
          </Box>
          <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0, pt: 0.5 }}>
            {lines.map((line) => (
              <TickLine key={line.id} line={line} round={round} onOpen={onOpen} />
            ))}
          </Box>
        </Box>
      ))}
      {coupons.map(({ id, name: at, coupon }) =>
        coupon ? (
          <Alert key={id} severity="info" variant="outlined" sx={{ mt: 1.5 }}>
            {coupon.percent} % at {at}: {coupon.on === "line" ? `best on ${coupon.best_on}` : "off all of it"},{" "}
            {money(coupon.off_cents, currency)} less.
          </Alert>
        ) : null,
      )}
      <Box sx={(theme) => ({ display: "flex", mt: 2, pt: 1, borderTop: `2px solid ${theme.palette.text.primary}` })}>
        <Typography sx={{ flex: 1 }}>This week</Typography>
        <Typography sx={{ fontWeight: 700 }}>{money(sum, currency)}</Typography>
      </Box>
    </Box>
  );
}
