import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { Link as RouterLink } from "react-router";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { Caution } from "../../parts/Caution";
import { Failed } from "../../parts/Failed";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { SideDrawer } from "../../parts/SideDrawer";
import { useUndo } from "../../parts/undo";
import { clock, date } from "../../units/format";

type Round = Schemas["Round"];
type Item = Schemas["RoundItem"];
type Question = Schemas["RoundQuestion"];
type Says = Schemas["RoundSays"];

const ASKED: Record<Question, string> = {
  outline: "Is the outline the one that was wanted?",
  bare_spots: "Is a spot bare?",
  evenness: "Does each kind lie evenly?",
  main_colour: "Is there enough of the main colour?",
  competing: "Does a neighbour compete?",
  mechanics: "Does anything of the mechanics show: wires, pot, socket, backs?",
  hidden: "Is something hidden that is worth seeing?",
  night: "How is it by night?",
  take_away: "Take one thing away: better?",
};

const SAYS: Record<Says, string> = { good: "Looks good", mend: "To mend", pinned: "Pinned, leave it" };
const ANSWERS: Says[] = ["good", "mend", "pinned"];

interface Props {
  view: Schemas["ViewSeen"];
  /** The place to look from after this one. */
  next: Schemas["ViewSeen"] | undefined;
  goOn: (id: string) => void;
  /** What can be done where two compete. */
  offers: ReactNode;
  onClose: () => void;
}

/** Stepping back from one place: one question at a time, what the figures say to it, what whoever looks says. */
export function RoundDrawer({ view, next, goOn, offers, onClose }: Props) {
  const cache = useQueryClient();
  const key = ["room", "round", view.id];
  const path = { params: { path: { id: view.id } } };
  const round = useQuery({
    queryKey: key,
    queryFn: () => ask(client.GET("/api/viewpoints/{id}/round", path)),
    staleTime: 0,
  });
  const [at, setAt] = useState(0);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const { say } = useUndo();

  async function answer(question: Question, item: Item, says: Says | null, note: string) {
    if (busy) return;
    setBusy(true);
    try {
      const body = { question, piece: item.piece, says, note };
      cache.setQueryData(key, await ask(client.PUT("/api/viewpoints/{id}/round", { ...path, body })));
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  // Changes the piece as its bench would; taken back like any dial.
  async function press(mend: Item["mends"][number]) {
    if (busy) return;
    setBusy(true);
    const of = { params: { path: { id: mend.piece } } };
    try {
      const { name, place_id, version } = await ask(client.GET("/api/pieces/{id}", of));
      const body = { name, place_id, version, settings: { ...mend.settings } };
      const kept = await ask(client.PUT("/api/pieces/{id}", { ...of, body }));
      say(`${name}: ${mend.label.toLowerCase()}.`, async () => {
        await ask(client.POST("/api/pieces/{id}/undo", { ...of, body: { version: kept.version } }));
        await cache.invalidateQueries();
      });
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    await cache.invalidateQueries({ queryKey: ["room"] });
    await cache.invalidateQueries({ queryKey: ["piece", mend.piece] });
    setBusy(false);
  }

  return (
    <SideDrawer title={`Stepping back from ${view.name}`} closes="Close stepping back" onClose={onClose}>
      {round.isError && <Failed error={round.error} retry={() => void round.refetch()} />}
      {round.isPending && (
        <Typography role="status" variant="body2">
          Looking from there …
        </Typography>
      )}
      <ProblemAlert problem={problem} />
      {round.data && (
        <Asked
          key={at}
          round={round.data}
          at={at}
          say={(question, item, says, note) => void answer(question, item, says, note)}
          mend={(one) => void press(one)}
          busy={busy}
          offers={offers}
        />
      )}
      {round.data && (
        <Box sx={{ display: "flex", gap: 1, mt: 3, alignItems: "center" }}>
          <Button disabled={at === 0} onClick={() => setAt(at - 1)}>
            Before
          </Button>
          <Typography variant="body2" color="textSecondary" sx={{ flex: 1, textAlign: "center" }} role="status">
            {score(round.data)}
          </Typography>
          {at < round.data.questions.length - 1 ? (
            <Button variant="contained" onClick={() => setAt(at + 1)}>
              Next question
            </Button>
          ) : next ? (
            <Button variant="contained" onClick={() => goOn(next.id)}>
              On to {next.name}
            </Button>
          ) : (
            <Button variant="contained" onClick={onClose}>
              Seen all round
            </Button>
          )}
        </Box>
      )}
    </SideDrawer>
  );
}

function score({ open, mend, pinned }: Round): string {
  const told = [open > 0 && `${open} open`, mend > 0 && `${mend} to mend`, pinned > 0 && `${pinned} pinned`];
  return told.filter(Boolean).join(", ") || "all looked at";
}

interface AskedProps {
  round: Round;
  at: number;
  say: (question: Question, item: Item, says: Says | null, note: string) => void;
  mend: (mend: Item["mends"][number]) => void;
  busy: boolean;
  offers: ReactNode;
}

function Asked({ round, at, say, mend, busy, offers }: AskedProps) {
  const asked = round.questions[at];
  if (!asked) return null;
  const { question, items } = asked;
  return (
    <Box component="section" aria-label={ASKED[question]}>
      <Typography variant="body2" color="textSecondary">
        Question {at + 1} of {round.questions.length}
      </Typography>
      <Typography variant="h3" sx={{ mt: 0.5, mb: 1.5 }}>
        {ASKED[question]}
      </Typography>
      {items.length === 0 && (
        <Typography variant="body2" color="textSecondary">
          No figure says anything to this here: look for yourself.
        </Typography>
      )}
      {items.map((item) => (
        <Answer
          key={`${item.piece ?? "all"} ${item.answer?.at ?? ""}`}
          item={item}
          busy={busy}
          say={(says, note) => say(question, item, says, note)}
          mend={mend}
        />
      ))}
      {question === "competing" && offers}
    </Box>
  );
}

interface AnswerProps {
  item: Item;
  say: (says: Says | null, note: string) => void;
  mend: (mend: Item["mends"][number]) => void;
  busy: boolean;
}

function Answer({ item, say, mend, busy }: AnswerProps) {
  const { answer } = item;
  const [note, setNote] = useState(answer?.note ?? "");
  const name = item.name ?? "the view";
  return (
    <Box role="group" aria-label={name} sx={{ mb: 2.5 }}>
      {item.name && (
        <Box sx={{ display: "flex", alignItems: "baseline", mb: 0.5 }}>
          <Typography sx={{ fontWeight: 600, flex: 1 }}>{item.name}</Typography>
          <Button size="small" component={RouterLink} to={`/pieces/${item.piece ?? ""}`}>
            Its bench
          </Button>
        </Box>
      )}
      <Caution finding={item} />
      {item.mends.length > 0 && (
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
          {item.mends.map((one, i) => (
            <Button key={`${one.label} ${i}`} size="small" variant="outlined" disabled={busy} onClick={() => mend(one)}>
              {one.label}
            </Button>
          ))}
        </Box>
      )}
      <ToggleButtonGroup
        exclusive
        size="small"
        value={answer?.says ?? null}
        disabled={busy}
        onChange={(_, says: Says | null) => say(says, note)}
        aria-label={`How ${name} looks`}
        sx={{ mt: 1, flexWrap: "wrap" }}
      >
        {ANSWERS.map((says) => (
          <ToggleButton key={says} value={says} sx={{ textTransform: "none" }}>
            {SAYS[says]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {answer && (
        <TextField
          label="Why"
          size="small"
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => note !== answer.note && say(answer.says, note)}
          helperText={`${answer.by ?? "somebody"}, ${date(answer.at.slice(0, 10))}, ${clock(answer.at)}`}
          sx={{ mt: 1 }}
          slotProps={{ htmlInput: { maxLength: 300 } }}
        />
      )}
    </Box>
  );
}
