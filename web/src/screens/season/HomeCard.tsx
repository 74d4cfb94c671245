import DangerousOutlined from "@mui/icons-material/DangerousOutlined";
import ReportProblemOutlined from "@mui/icons-material/ReportProblemOutlined";
import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { lazy, Suspense, useState } from "react";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { WallsInShort } from "../../drawing/room/WallsInShort";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import { ShortButton } from "../../parts/ShortButton";
import { counted, date, daysToGo, minutes, money, weekday } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { IN_SHORT } from "../proposal/words";

const ShortagesDrawer = lazy(async () => ({
  default: (await import("../../parts/ShortagesDrawer")).ShortagesDrawer,
}));

function shortage(totals: Schemas["HomeTotals"]): string {
  if (totals.pieces === 0) return "no pieces yet";
  if (totals.pending > 0) return `${counted(totals.pending, "piece")} still being reckoned`;
  if (totals.short_lines === 0) return "all on the shelf";
  return `${counted(totals.short_lines, "thing")} short`;
}

/** Its look, and what leads in it; where two compete, that. */
function Reads({ home }: { home: Schemas["SeasonCard"] }) {
  const leads = home.reading?.leads ?? [];
  const lead = leads.find(({ verdict }) => verdict === "competing") ?? leads[0];
  if (!home.look && !lead) return null;
  return (
    <Typography variant="body2" color="textSecondary">
      {[home.look, lead && `${lead.from}: ${lead.says}`].filter(Boolean).join(" · ")}
    </Typography>
  );
}

/** How far what its client was shown is; what waits for an answer stands out. */
function ProposalLink({ home, proposal }: { home: Schemas["SeasonCard"]; proposal: Schemas["ProposalStanding"] }) {
  const waits = proposal.unanswered > 0 || proposal.state === "changed";
  return (
    <Link
      component={RouterLink}
      to={`/homes/${home.id}/proposal`}
      sx={{
        position: "relative",
        fontSize: "0.875rem",
        fontWeight: waits ? 600 : 400,
        py: 0.75,
        display: "inline-block",
      }}
      color={waits ? "secondary" : "primary"}
    >
      Proposal {IN_SHORT[proposal.state]}
      {proposal.unanswered > 0 && `, ${counted(proposal.unanswered, "answer")} wanted`}
    </Link>
  );
}

/** One home as a row: its date leads, what is short and what wants care follow. */
export function HomeCard({ home, late = [] }: { home: Schemas["SeasonCard"]; late?: Schemas["Delivery"][] }) {
  const currency = useCurrency();
  const { totals } = home;
  const [open, setOpen] = useState(false);
  const near = home.days_to_go !== null && home.days_to_go !== undefined && home.days_to_go <= 7;
  const Icon = totals.stops > 0 ? DangerousOutlined : ReportProblemOutlined;
  return (
    <Box
      component="article"
      sx={(theme) => ({
        position: "relative",
        display: "grid",
        gridTemplateColumns: { xs: "64px 1fr", md: "88px minmax(190px, 1fr) 252px 180px minmax(200px, 1.2fr)" },
        columnGap: 3,
        rowGap: 0.75,
        alignItems: "start",
        py: 2,
        px: 1.5,
        borderTop: `1px solid ${theme.palette.divider}`,
        "&:hover": { bgcolor: "background.paper" },
      })}
    >
      <Box sx={{ gridRow: { xs: "span 4", md: "auto" } }}>
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
          <Link
            component={RouterLink}
            to={`/homes/${home.id}`}
            color="inherit"
            underline="none"
            // The whole row is pressed for its home, but for what is pressed for itself.
            sx={{ "&::after": { content: '""', position: "absolute", inset: 0 } }}
          >
            {home.name}
          </Link>
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {[home.client, home.visit_on && date(home.visit_on)].filter(Boolean).join(" · ")}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {counted(home.rooms, "room")}, {counted(totals.pieces, "piece")}
          {totals.unmeasured > 0 ? `, ${totals.unmeasured} not measured yet` : ""}
        </Typography>
        {home.proposal && <ProposalLink home={home} proposal={home.proposal} />}
      </Box>
      <Box>
        {home.reading && home.reading.walls.length > 0 ? (
          <WallsInShort walls={home.reading.walls} width={252} height={88} />
        ) : (
          <PortraitRow portraits={home.portraits} width={252} height={104} />
        )}
        <Reads home={home} />
      </Box>
      <Box>
        {totals.short_lines > 0 && totals.pending === 0 ? (
          <ShortButton onClick={() => setOpen(true)}>{shortage(totals)}</ShortButton>
        ) : (
          <Typography sx={{ fontWeight: 600 }}>{shortage(totals)}</Typography>
        )}
        <Typography variant="body2" color="textSecondary">
          {totals.short_lines > 0 &&
            [
              `${money(totals.buy_cents, currency)} in packs`,
              ...(totals.unpriced > 0 ? [`${totals.unpriced} unpriced`] : []),
            ].join(", ")}
        </Typography>
        {totals.minutes > 0 && (
          <Typography variant="body2" color="textSecondary">
            {minutes(totals.minutes)} of dressing
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        {late[0] && (
          <Typography variant="body2" sx={{ width: "100%" }}>
            <strong>Late.</strong> {late[0].name}: there {weekday(late[0].expected_on)}, after the visit.
            {late.length > 1 && ` And ${late.length - 1} more.`}{" "}
            <Link
              component={RouterLink}
              to={`/buying?home=${home.id}`}
              underline="always"
              sx={{ position: "relative" }}
            >
              See buying
            </Link>
          </Typography>
        )}
        {totals.worst && (
          <Icon
            aria-hidden
            sx={{ fontSize: 18, mt: "2px", color: totals.stops > 0 ? "error.main" : "text.secondary" }}
          />
        )}
        <Typography variant="body2" sx={{ flex: 1, minWidth: 150 }}>
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
      <Suspense fallback={null}>{open && <ShortagesDrawer home={home} onClose={() => setOpen(false)} />}</Suspense>
    </Box>
  );
}
