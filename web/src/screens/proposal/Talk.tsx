import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useRef, useState, type FormEvent } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";
import { date } from "../../units/format";

type Saying = Schemas["ProposalSaying"];

/** What the client said, each with its answers, and room for one. */
export function Talk({ told }: { told: Schemas["Proposal"] }) {
  const asked = told.sayings.filter((one) => one.answers === null);
  return (
    <Box component="section" aria-label="What was said" sx={{ mb: 4 }}>
      <Typography variant="h2" gutterBottom>
        What was said
      </Typography>
      {asked.length === 0 && (
        <Typography color="textSecondary">
          {told.home.client || "The client"} can say something of each piece and of the whole; it stands here then.
        </Typography>
      )}
      {asked.map((saying) => (
        <Thread
          key={saying.id}
          saying={saying}
          answers={told.sayings.filter((one) => one.answers === saying.id)}
          told={told}
        />
      ))}
    </Box>
  );
}

function Thread({ saying, answers, told }: { saying: Saying; answers: Saying[]; told: Schemas["Proposal"] }) {
  return (
    <Box sx={{ borderLeft: 2, borderColor: answers.length > 0 ? "divider" : "secondary.main", pl: 2, mb: 2.5 }}>
      <Typography variant="body2" color="textSecondary">
        {[saying.piece_name || "The whole", date(saying.said_at.slice(0, 10))].join(", ")}
      </Typography>
      <Typography variant="h3" component="p" sx={{ whiteSpace: "pre-line", overflowWrap: "anywhere" }}>
        {saying.says}
      </Typography>
      {answers.map((one) => (
        <Typography key={one.id} sx={{ whiteSpace: "pre-line", mt: 0.5, overflowWrap: "anywhere" }}>
          <strong>Answered {date(one.said_at.slice(0, 10))}</strong> {one.says}
        </Typography>
      ))}
      <Answer saying={saying} told={told} again={answers.length > 0} />
    </Box>
  );
}

function Answer({ saying, told, again }: { saying: Saying; told: Schemas["Proposal"]; again: boolean }) {
  const [says, setSays] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const key = useRef(newKey());

  async function send(event: FormEvent) {
    event.preventDefault();
    if (busy || says.trim() === "") return;
    setBusy(true);
    try {
      const answered = await ask(
        client.POST("/api/homes/{id}/proposal/answers", {
          params: { path: { id: told.home.id } },
          body: { key: key.current, saying: saying.id, says: says.trim() },
        }),
      );
      key.current = newKey();
      queryClient.setQueryData(keys.proposal(told.home.id), answered);
      setSays("");
      setWrong(null);
    } catch (error) {
      setWrong(asProblem(error).message);
    }
    setBusy(false);
  }

  return (
    <Box component="form" onSubmit={(event) => void send(event)} sx={{ display: "flex", gap: 1, mt: 1, maxWidth: 640 }}>
      <TextField
        label={again ? "Say something more" : "Answer"}
        value={says}
        onChange={(event) => setSays(event.target.value)}
        multiline
        error={wrong !== null}
        helperText={wrong}
        slotProps={{ htmlInput: { maxLength: 2000 }, inputLabel: { shrink: true } }}
      />
      <Button type="submit" variant="outlined" disabled={busy || says.trim() === ""} sx={{ flexShrink: 0 }}>
        Answer
      </Button>
    </Box>
  );
}
