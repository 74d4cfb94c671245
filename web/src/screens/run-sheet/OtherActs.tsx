import PauseRounded from "@mui/icons-material/PauseRounded";
import AddAPhotoOutlined from "@mui/icons-material/AddAPhotoOutlined";
import EditOutlined from "@mui/icons-material/EditOutlined";
import RemoveShoppingCartOutlined from "@mui/icons-material/RemoveShoppingCartOutlined";
import SkipNextOutlined from "@mui/icons-material/SkipNextOutlined";
import UndoRounded from "@mui/icons-material/UndoRounded";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState, type ElementType } from "react";
import { tooLarge } from "../../api/photographs";
import { useUndo } from "../../parts/undo";
import { usePictures } from "../../parts/usePictures";
import { NotNowDialog, NoteDialog, PauseDialog } from "./dialogs";
import type { Progress, RunStep, Sheet, Thing, Turn } from "./progress";
import { RanOutDialog } from "./RanOutDialog";
import type { Run } from "./useRunSheet";

type Opened = "ran out" | "not now" | "note" | "pause";

/** What was done in this browser and can be taken back: what it was called, and the keys of its acts. */
export interface DoneHere {
  name: string;
  keys: string[];
}

interface Props {
  run: Run;
  sheet: Sheet;
  progress: Progress;
  step: RunStep;
  turn: Turn;
  thing: Thing | undefined;
  name: string;
  /** How many places of it are still empty. */
  left: number;
  done: DoneHere[];
  onDone: (done: DoneHere[]) => void;
}

function Small({
  label,
  icon: Icon,
  ...rest
}: {
  label: string;
  icon: ElementType;
  disabled?: boolean;
  onClick: () => void;
}) {
  return (
    <ButtonBase
      {...rest}
      sx={(theme) => ({
        flex: 1,
        flexDirection: "column",
        minHeight: 56,
        border: 1,
        borderColor: theme.palette.tokens.edge,
        borderRadius: 1,
        bgcolor: "background.paper",
        color: rest.disabled ? "text.disabled" : "primary.main",
        gap: 0.25,
      })}
    >
      <Icon aria-hidden sx={{ fontSize: 22 }} />
      <Typography component="span" sx={{ fontSize: "0.78rem", fontWeight: 700, color: "inherit", lineHeight: 1.1 }}>
        {label}
      </Typography>
    </ButtonBase>
  );
}

/** What is said instead of "It is up": it ran out, not now, a note, a pause; and the way back. */
export function OtherActs({ run, sheet, progress, step, turn, thing, name, left, done, onDone }: Props) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const { say } = useUndo();
  const close = () => setOpened(null);
  const remember = (says: string, keys: string[]) => onDone([...done, { name: says, keys }]);
  const last = done.at(-1);
  const camera = usePictures(`Take a photograph of ${name}`, ([file]) => {
    const objection = file ? tooLarge(file) : null;
    if (!file || objection) {
      if (objection) say(objection);
      return;
    }
    const note = run.said("note", name, { step: step.id, turn: turn.key, says: `Photograph of ${name}` });
    void run.photograph(note, file);
    remember("A photograph", [note]);
  });
  return (
    <>
      {camera.input}
      <Box sx={{ display: "flex", gap: 0.75 }} role="group" aria-label="Other than that">
        <Small
          label="take back"
          icon={UndoRounded}
          disabled={!last}
          onClick={() => {
            if (!last) return;
            [...last.keys].reverse().forEach((key) => run.takeBack(key, last.name));
            onDone(done.slice(0, -1));
          }}
        />
        {!sheet.strike && (
          <Small
            label="ran out"
            icon={RemoveShoppingCartOutlined}
            disabled={!thing}
            onClick={() => setOpened("ran out")}
          />
        )}
        <Small label="not now" icon={SkipNextOutlined} onClick={() => setOpened("not now")} />
        <Small label="note" icon={EditOutlined} onClick={() => setOpened("note")} />
        <Small label="photo" icon={AddAPhotoOutlined} onClick={camera.choose} />
        <Small label="pause" icon={PauseRounded} onClick={() => setOpened("pause")} />
      </Box>
      {opened === "ran out" && thing && (
        <RanOutDialog
          sheet={sheet}
          progress={progress}
          ranOut={{ step, turn, thing }}
          left={left}
          onClose={close}
          onSay={(acts) => {
            remember(
              `${name} ran out`,
              acts.map(({ kind, ...more }) => run.said(kind, name, more)),
            );
            close();
          }}
          onWait={() => {
            remember(`${name} waits`, [run.said("wait_for", name, { step: step.id, says: `more ${thing.label}` })]);
            close();
          }}
        />
      )}
      {opened === "not now" && (
        <NotNowDialog
          title={`${step.title}, not now`}
          onClose={close}
          onSkip={() => {
            remember(`${step.title} skipped`, [run.said("skip", step.title, { step: step.id })]);
            close();
          }}
          onWait={(says) => {
            remember(`${step.title} waits`, [run.said("wait_for", step.title, { step: step.id, says })]);
            close();
          }}
        />
      )}
      {opened === "note" && (
        <NoteDialog
          about={name}
          onClose={close}
          onKeep={(says) => {
            remember("A note", [run.said("note", name, { step: step.id, turn: turn.key, says })]);
            close();
          }}
        />
      )}
      {opened === "pause" && (
        <PauseDialog
          onClose={close}
          onPause={(says) => {
            run.said("pause", "Pause", { says });
            close();
          }}
        />
      )}
    </>
  );
}
