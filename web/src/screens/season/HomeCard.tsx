import DangerousOutlined from "@mui/icons-material/DangerousOutlined";
import ReportProblemOutlined from "@mui/icons-material/ReportProblemOutlined";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { counted, date, daysToGo, minutes, toBuy } from "../../units/format";
import { useCurrency } from "../../units/useUnits";

function shortage(totals: Schemas["HomeTotals"]): string {
  if (totals.pieces === 0) return "no pieces yet";
  if (totals.pending > 0) return `${counted(totals.pending, "piece")} still being reckoned`;
  if (totals.short_lines === 0) return "all on the shelf";
  return `${counted(totals.short_lines, "thing")} short`;
}

/** One home as a row: its date leads, what is short and what wants care follow. */
export function HomeCard({ home }: { home: Schemas["SeasonCard"] }) {
  const currency = useCurrency();
  const { totals } = home;
  const near = home.days_to_go !== null && home.days_to_go !== undefined && home.days_to_go <= 7;
  const Icon = totals.stops > 0 ? DangerousOutlined : ReportProblemOutlined;
  return (
    <ButtonBase
      component={Link}
      to={`/homes/${home.id}`}
      sx={(theme) => ({
        display: "grid",
        gridTemplateColumns: { xs: "72px 1fr", md: "96px minmax(200px, 1.1fr) 190px minmax(220px, 1.6fr)" },
        columnGap: 3,
        rowGap: 0.5,
        width: "100%",
        textAlign: "left",
        alignItems: "start",
        py: 2,
        px: 1.5,
        borderTop: `1px solid ${theme.palette.divider}`,
        "&:hover": { bgcolor: "background.paper" },
      })}
    >
      <Box sx={{ gridRow: { xs: "span 3", md: "auto" } }}>
        <Typography
          component="div"
          sx={{ fontSize: "1.75rem", fontWeight: 600, lineHeight: 1, color: near ? "secondary.main" : "text.primary" }}
        >
          {home.days_to_go ?? "–"}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {home.days_to_go === null ? "no date" : daysToGo(home.days_to_go).replace(/^\d+ /, "")}
        </Typography>
      </Box>
      <Box>
        <Typography variant="h3" component="h2">
          {home.name}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {[home.client, home.visit_on && date(home.visit_on)].filter(Boolean).join(" · ")}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {counted(home.rooms, "room")}, {counted(totals.pieces, "piece")}
          {totals.unmeasured > 0 ? `, ${totals.unmeasured} not measured yet` : ""}
        </Typography>
      </Box>
      <Box>
        <Typography sx={{ fontWeight: 600, color: totals.short_lines > 0 ? "error.main" : "text.primary" }}>
          {shortage(totals)}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {totals.short_lines > 0 && `${toBuy(totals, currency)} to buy`}
        </Typography>
        {totals.minutes > 0 && (
          <Typography variant="body2" color="textSecondary">
            {minutes(totals.minutes)} of dressing
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "flex", gap: 1 }}>
        {totals.worst && (
          <Icon
            aria-hidden
            sx={{ fontSize: 18, mt: "2px", color: totals.stops > 0 ? "error.main" : "text.secondary" }}
          />
        )}
        <Typography variant="body2">
          {totals.worst && (
            <>
              <strong>{totals.stops > 0 ? "Stop" : "Caution"}.</strong> {totals.worst}
              {totals.stops + totals.cautions > 1 && (
                <Box component="span" sx={{ color: "text.secondary" }}>
                  {" "}
                  And {totals.stops + totals.cautions - 1} more.
                </Box>
              )}
            </>
          )}
        </Typography>
      </Box>
    </ButtonBase>
  );
}
