import ContentCopy from "@mui/icons-material/ContentCopy";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { useUndo } from "../../parts/undo";
import { date } from "../../units/format";
import { STATES } from "./words";

type Told = Schemas["Proposal"];

const on = (time: string) => date(time.slice(0, 10));

/** How far it is, where the client finds it, and what is different since. */
export function HowFar({ told }: { told: Told }) {
  const last = told.editions[0];
  const accepted = told.editions.find((one) => one.accepted_at !== null);
  return (
    <Box component="section" aria-label="How far it is" sx={{ mb: 4 }}>
      <Typography sx={{ fontSize: "2.25rem", fontWeight: 700, lineHeight: 1.2 }}>{STATES[told.state]}</Typography>
      {accepted?.accepted_at && (
        <Typography>
          {accepted.accepted_by} said yes on {on(accepted.accepted_at)}
          {told.terms.with_prices && `, to ${accepted.total}`}
          {accepted !== last && "; asked again since"}
        </Typography>
      )}
      {last && !accepted && (
        <Typography color="textSecondary">
          Sent {on(last.sent_at)}
          {last.seen_at ? `, opened ${on(last.seen_at)}` : ""}
          {told.terms.with_prices && `, ${last.total}`}
        </Typography>
      )}
      {last?.chosen.map((one) => (
        <Typography key={one.piece}>
          {one.name}: the client chose “{one.version}”.{" "}
          <Link component={RouterLink} to={`/pieces/${one.piece}/versions`} underline="always">
            Its versions
          </Link>
        </Typography>
      ))}
      {told.link && <Way link={told.link} endsOn={told.ends_on} />}
      {told.changes.length > 0 && (
        <Box component="section" aria-label="Changed since it was sent" sx={{ mt: 3 }}>
          <Typography variant="h2" gutterBottom>
            Changed since it was sent
          </Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {told.changes.map(({ of, says }, i) => (
              <Typography key={`${of} ${i}`} component="li">
                {says}
              </Typography>
            ))}
          </Box>
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
            The client still sees it as it was sent. Sent again, it shows what is different and asks again.
          </Typography>
        </Box>
      )}
    </Box>
  );
}

function Way({ link, endsOn }: { link: string; endsOn: string | null }) {
  const { say } = useUndo();
  async function copy() {
    try {
      await navigator.clipboard.writeText(link);
      say("The link is copied.");
    } catch {
      say("This browser copies nothing. Mark the link and copy it by hand.");
    }
  }
  return (
    <Box sx={{ mt: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, flexWrap: "wrap" }}>
        <Link href={link} target="_blank" rel="noreferrer" sx={{ overflowWrap: "anywhere", py: 1 }}>
          {link.replace(/^https?:\/\//, "")}
        </Link>
        <Button size="small" startIcon={<ContentCopy />} onClick={() => void copy()}>
          Copy the link
        </Button>
      </Box>
      {endsOn && (
        <Typography variant="body2" color="textSecondary">
          Whoever has it sees this home, and only this home, until {date(endsOn)}. Opened here it counts as opened.
        </Typography>
      )}
    </Box>
  );
}
