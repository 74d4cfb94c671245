import EditOutlined from "@mui/icons-material/EditOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { useLooks } from "../../api/queries";
import { ColourBar } from "../../parts/ColourBar";
import { count, counted, date, daysToGo, minutes, money } from "../../units/format";
import { reachable } from "../../theme/theme";
import { facts } from "./householdFacts";
import { useCurrency } from "../../units/useUnits";

/** What a look takes with its colours in two lines, pixels; kept free for it, so that nothing below it moves. */
const LOOK_HIGH = 88;

/** Dates, look, household and sums of a home. */
export function Household({ home, edit }: { home: Schemas["HomeInFull"]; edit: () => void }) {
  const currency = useCurrency();
  const look = useLooks().data?.items.find((known) => known.id === home.look_id);
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 6, rowGap: 2, mb: 3, alignItems: "flex-start" }}>
      <Box>
        <Typography component="div" sx={{ fontSize: "1.75rem", fontWeight: 600, lineHeight: 1.1 }}>
          {daysToGo(home.days_to_go)}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {home.visit_on ? `dressed ${date(home.visit_on)}` : "no visit yet"}
          {home.strike_on ? `, taken down ${date(home.strike_on)}` : ""}
        </Typography>
      </Box>
      <Box sx={{ maxWidth: 380 }}>
        <Typography variant="body2">{[home.client, ...facts(home)].filter(Boolean).join(" · ")}</Typography>
        <Typography variant="body2" color="textSecondary">
          {home.notes}
        </Typography>
        <Button size="small" startIcon={<EditOutlined />} onClick={edit} sx={{ ml: -0.5, mt: 0.5 }}>
          Home and household
        </Button>
      </Box>
      {home.look_id && !look && <Box sx={{ width: 260, minHeight: LOOK_HIGH }} />}
      {look && (
        <Box sx={{ minHeight: LOOK_HIGH }}>
          <Link
            component={RouterLink}
            to={`/looks/${look.id}`}
            color="inherit"
            sx={[{ fontWeight: 600, fontSize: 13 }, reachable]}
          >
            {look.name}
          </Link>
          <Box sx={{ width: 220, mt: 0.5 }}>
            <ColourBar
              height={18}
              label={look.colours.map((colour) => `${colour.name} ${colour.share_percent} %`).join(", ")}
              parts={look.colours.map(({ name, srgb, share_percent }) => ({ name, srgb, share: share_percent }))}
            />
          </Box>
          <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5, maxWidth: 260 }}>
            {look.colours.map((colour) => colour.name.toLowerCase()).join(", ")}
          </Typography>
        </Box>
      )}
      {home.totals.pieces > home.totals.pending && (
        <Box>
          <Typography sx={{ fontWeight: 600, fontSize: "1.15rem", lineHeight: 1.35 }}>
            {money(home.totals.buy_cents, currency)} in packs
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {minutes(home.totals.minutes)} of dressing
            {home.totals.wreaths > 0 && `, ${counted(home.totals.wreaths, "wreath")}`}
            {home.totals.pending > 0 && `, ${count(home.totals.pending)} still being reckoned`}
          </Typography>
        </Box>
      )}
    </Box>
  );
}
