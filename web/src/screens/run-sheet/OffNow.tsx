import CheckRounded from "@mui/icons-material/CheckRounded";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import visuallyHidden from "@mui/utils/visuallyHidden";
import { useState } from "react";
import { Caution } from "../../parts/Caution";
import { useUnits } from "../../units/useUnits";
import { BoxGlyph } from "./BoxGlyph";
import { Hooks } from "./Hooks";
import { OtherActs, type DoneHere } from "./OtherActs";
import { nextTurn, type Progress, type RunStep, type Sheet } from "./progress";
import { AmissDialog, BoxDialog, TestedDialog } from "./strikeDialogs";
import { amiss, CELLS, CLOSE, HOOKS, intoOf, isLoose, lastBox, latest } from "./strike";
import { TurnHead } from "./TurnHead";
import { UsedDial } from "./UsedDial";
import type { Run } from "./useRunSheet";
import { amountOf, doneWords, nameOf } from "./words";

interface Props {
  run: Run;
  sheet: Sheet;
  progress: Progress;
  step: RunStep;
  done: DoneHere[];
  onDone: (done: DoneHere[]) => void;
}

/** Turns that are about no thing. */
const NAMES: Record<string, string> = { [HOOKS]: "Hooks and walls", [CELLS]: "Batteries out" };

type Opened = "amiss" | "box" | "tested";

/** What comes off now: how many, into which box; what broke, what is left of a ribbon, whether a string is sound. */
export function OffNow({ run, sheet, progress, step, done, onDone }: Props) {
  const units = useUnits();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [kept, setKept] = useState<{ turn: string; metres: number } | null>(null);
  const turn = nextTurn(step, progress);
  if (!turn) return null;
  const thing = step.things.find(({ key }) => key === turn.thing);
  const style = thing?.style ?? null;
  const name = NAMES[turn.key] ?? nameOf(step, thing, turn);
  const into = turn.check ? null : intoOf(sheet, progress, style);
  const box = into?.box ?? null;
  const ribbon = thing?.kind === "ribbon" && thing.unit === "m" && !turn.check;
  const metres = kept?.turn === turn.key ? kept.metres : (turn.need ?? 0);
  const said = style ? amiss(progress, step.id, style) : "";
  const tested = style ? latest(progress, "tested", style) : undefined;
  const stays = sheet.pieces.find(({ id }) => id === step.piece)?.stays ?? [];
  const close = () => setOpened(null);
  const remember = (says: string, ...keys: string[]) => onDone([...done, { name: says, keys }]);

  /** Said of the thing in hand. */
  function say(kind: Parameters<Run["said"]>[0], says: string, more: Parameters<Run["said"]>[2]) {
    if (style) remember(says, run.said(kind, name, { step: step.id, turn: style, ...more }));
    close();
  }

  function isDown(...before: string[]) {
    const keys = [...before];
    if (ribbon && style) {
      const ends = { step: step.id, turn: style, quantity: metres };
      keys.push(run.said("measured", name, box ? { ...ends, box } : ends));
    }
    // What lay in no box lies in this one from now on.
    if (style && !turn?.check && box && isLoose(sheet, progress, step.id, style))
      keys.push(run.said("boxed", name, { step: step.id, turn: style, box, quantity: turn?.need ?? null }));
    keys.push(run.said("up", name, { step: step.id, turn: turn?.key ?? "" }));
    onDone([...done, { name, keys }]);
  }

  const last = done.at(-1);
  return (
    <Box sx={{ display: "flex", flexDirection: "column", gap: 1, p: 2, pt: 1.25 }}>
      <TurnHead name={name} check={turn.check}>
        {thing && turn.need !== null && (
          <Typography sx={{ whiteSpace: "nowrap", fontSize: "1.9rem", fontWeight: 800, lineHeight: 1 }}>
            {amountOf(turn.need, thing, units)}
          </Typography>
        )}
      </TurnHead>
      {thing && !turn.check && (
        <Box sx={{ display: "flex", gap: 1, alignItems: "center", minHeight: 44 }}>
          <BoxGlyph />
          <Typography sx={{ flex: 1, minWidth: 0, fontSize: "1.35rem", fontWeight: 700, lineHeight: 1.2 }}>
            {into ? `into box ${into.number}` : "into no box yet"}
            {into?.place && (
              <Box component="span" sx={{ color: "text.secondary", fontSize: "1rem", fontWeight: 400 }}>
                {" "}
                {into.place}
              </Box>
            )}
          </Typography>
          <Button onClick={() => setOpened("box")} sx={{ minHeight: 44, flexShrink: 0 }}>
            {into ? "Another box" : "Choose a box"}
          </Button>
        </Box>
      )}
      {!thing && NAMES[turn.key] === undefined && step.things.length > 0 && (
        <Typography variant="body2" color="textSecondary">
          {step.things.map((one) => `${one.label}, ${amountOf(one.need, one, units)}`).join(" · ")}
        </Typography>
      )}
      {ribbon && (
        <UsedDial
          label="Left to keep"
          less="Less is left"
          more="More is left"
          most={turn.need ?? 0}
          used={metres}
          onUsed={(now) => setKept({ turn: turn.key, metres: now })}
        />
      )}
      {(said || tested) && (
        <Typography role="status">
          {[said, tested && (tested.quantity ? `${tested.quantity} bulbs dark` : "tested, sound")]
            .filter(Boolean)
            .join(" · ")}
        </Typography>
      )}
      {step.key === CLOSE && stays.length > 0 && <Typography>It stays: {stays.join(", ")}.</Typography>}
      {step.caution && <Caution finding={{ severity: "caution", message: step.caution }} />}
      {turn.key === HOOKS ? (
        <Hooks
          known={sheet.strike?.hooks.filter(({ piece }) => piece === step.piece) ?? []}
          onStay={() => isDown(run.said("hooks_stay", name, { step: step.id, turn: HOOKS }))}
          onOff={(says) => isDown(run.said("hooks_off", name, { step: step.id, turn: HOOKS, says }))}
        />
      ) : (
        <Button
          variant="contained"
          onClick={() => isDown()}
          startIcon={<CheckRounded sx={{ fontSize: "30px !important" }} />}
          sx={{ minHeight: 76, fontSize: "1.5rem", fontWeight: 700, width: "100%" }}
        >
          {turn.key === CELLS ? "They are out" : doneWords(sheet, step, thing, turn)}
        </Button>
      )}
      {style && (
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button variant="outlined" onClick={() => setOpened("amiss")} sx={{ flex: 1, minHeight: 48 }}>
            Broke, lost, found
          </Button>
          {thing?.kind === "light" && !turn.check && (
            <Button variant="outlined" onClick={() => setOpened("tested")} sx={{ flex: 1, minHeight: 48 }}>
              Test the string
            </Button>
          )}
        </Box>
      )}
      <OtherActs
        progress={progress}
        run={run}
        sheet={sheet}
        step={step}
        turn={turn}
        thing={thing}
        name={name}
        left={0}
        done={done}
        onDone={onDone}
      />
      <Box role="status" sx={visuallyHidden}>
        {last ? `${last.name} was said.` : ""}
      </Box>
      {opened === "amiss" && thing && (
        <AmissDialog
          name={name}
          unit={thing.unit}
          onClose={close}
          onSay={(kind, quantity) => say(kind, `${name} ${kind}`, box ? { quantity, box } : { quantity })}
        />
      )}
      {opened === "box" && style && sheet.strike && (
        <BoxDialog
          name={name}
          boxes={sheet.strike.boxes.filter(({ id }) => id !== box)}
          onClose={close}
          onSay={(other) =>
            say("boxed", `${name} in another box`, {
              box: other,
              from_box: lastBox(sheet, progress, step.id, style),
              quantity: turn.need,
            })
          }
        />
      )}
      {opened === "tested" && style && (
        <TestedDialog
          style={style}
          name={name}
          offline={run.offline}
          onClose={close}
          onSay={(dark, label) => say("tested", `${name} tested`, { quantity: dark, says: label })}
        />
      )}
    </Box>
  );
}
