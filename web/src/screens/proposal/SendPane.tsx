import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { ConflictDialog } from "../../parts/ConflictDialog";
import { FormAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { useUnits } from "../../units/useUnits";
import { Darkroom } from "./Darkroom";
import { TermsFields } from "./TermsFields";
import { useSending } from "./useSending";
import { useTerms } from "./useTerms";

/** The link ends so many days after its first day, where nobody says otherwise. */
const USUAL_DAYS = 30;
const DAY = 24 * 3600 * 1000;

const usualEnd = (today: string) => new Date(Date.parse(today) + USUAL_DAYS * DAY).toISOString().slice(0, 10);

interface Props {
  told: Schemas["Proposal"];
  styles: Schemas["Style"][];
  today: string;
}

/** What is said and agreed, what it comes to, and sending it. */
export function SendPane({ told, styles, today }: Props) {
  const units = useUnits();
  const { say } = useUndo();
  const terms = useTerms(told);
  const { send, taking, told: doing } = useSending(told.home.id, units, styles);
  const [endsOn, setEndsOn] = useState(told.ends_on ?? usualEnd(today));
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);

  async function run() {
    if (busy) return;
    setBusy(true);
    setWrong(null);
    try {
      const kept = terms.changed || told.id === null ? await terms.keep() : told;
      const sent = kept && (await send(kept, endsOn));
      if (sent) {
        queryClient.setQueryData(keys.proposal(told.home.id), sent);
        await queryClient.invalidateQueries({ queryKey: ["season"] });
        say("It is sent. Copy the link and give it to the client.");
      }
    } catch (error) {
      setWrong(asProblem(error).message);
    }
    setBusy(false);
  }

  return (
    <Box
      component="aside"
      aria-label="What it says"
      sx={{ p: 2, overflow: { md: "auto" }, borderLeft: { md: 1 }, borderColor: { md: "divider" } }}
    >
      <Typography variant="h2" gutterBottom>
        What it says
      </Typography>
      <FormAlert objections={terms.objections} />
      <TermsFields told={told} said={terms.said} change={terms.change} objections={terms.objections} />
      <Button
        variant="outlined"
        disabled={!terms.changed || terms.form.busy || busy}
        onClick={() => void terms.keep()}
        sx={{ mt: 2 }}
      >
        Keep it for now
      </Button>
      {told.terms.with_prices && <Price told={told} />}
      <Box sx={{ mt: 3, display: "grid", gap: 1.5 }}>
        <TextField
          label="The link ends on"
          type="date"
          value={endsOn}
          onChange={(event) => setEndsOn(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {wrong && (
          <Typography role="alert" color="error">
            {wrong}
          </Typography>
        )}
        <Button variant="contained" disabled={busy || told.pending} onClick={() => void run()}>
          {told.link ? "Send it again as it is now" : "Send it"}
        </Button>
        {doing && (
          <Box role="status">
            <LinearProgress aria-label="Sending" />
            <Typography variant="body2" color="textSecondary">
              {doing}
            </Typography>
          </Box>
        )}
        {told.pending && <Typography variant="body2">Some pieces are still being reckoned …</Typography>}
        {!told.link && (
          <Typography variant="body2" color="textSecondary">
            You get a link to give to the client. It shows this home as it is now, until you send it again.
          </Typography>
        )}
      </Box>
      {taking && <Darkroom key={taking.shot.slot} shot={taking.shot} onTaken={taking.taken} onFailed={taking.failed} />}
      {terms.form.conflict && <ConflictDialog {...terms.form.conflict} />}
    </Box>
  );
}

function Price({ told }: { told: Schemas["Proposal"] }) {
  const { price, yours } = told.now;
  return (
    <Box component="section" aria-label="What it comes to" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>
        What it comes to
      </Typography>
      {price.lines.map((line) => (
        <Box key={line.says} sx={{ display: "flex", gap: 2, py: 0.75, borderTop: 1, borderColor: "divider" }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography>{line.says}</Typography>
            <Typography variant="body2" color="textSecondary">
              {line.told}
            </Typography>
          </Box>
          <Typography sx={{ whiteSpace: "nowrap" }}>{line.amount}</Typography>
        </Box>
      ))}
      <Box sx={(theme) => ({ display: "flex", gap: 2, pt: 1, borderTop: `2px solid ${theme.palette.tokens.ink}` })}>
        <Typography sx={{ flex: 1, fontWeight: 600 }}>Together</Typography>
        <Typography sx={{ fontSize: "1.75rem", fontWeight: 700, lineHeight: 1.1 }}>{price.total}</Typography>
      </Box>
      {yours && (
        <Typography variant="body2" color="textSecondary">
          {yours}
        </Typography>
      )}
    </Box>
  );
}
