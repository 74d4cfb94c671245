import CheckRounded from "@mui/icons-material/CheckRounded";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import visuallyHidden from "@mui/utils/visuallyHidden";
import { useState } from "react";
import { Caution } from "../../parts/Caution";
import { useUnits } from "../../units/useUnits";
import { BoxGlyph } from "./BoxGlyph";
import { OtherActs, type DoneHere } from "./OtherActs";
import { hangs, lyingOf, nextTurn, sameThing, type Progress, type RunStep, type Sheet, type Turn } from "./progress";
import { Surplus } from "./Surplus";
import { TurnHead } from "./TurnHead";
import { UsedDial } from "./UsedDial";
import type { Run } from "./useRunSheet";
import { amountOf, countOf, doneWords, nameOf, placeWords } from "./words";

interface Props {
  run: Run;
  sheet: Sheet;
  progress: Progress;
  step: RunStep;
  /** Acts of this browser that can be taken back, the last one last: the keys of each. */
  done: DoneHere[];
  onDone: (done: DoneHere[]) => void;
}

/** One thing at a time, large: what, how many of how many, where, from which box, and one button over the whole width. */
export function StepNow({ run, sheet, progress, step, done, onDone }: Props) {
  const units = useUnits();
  const [used, setUsed] = useState<{ turn: string; metres: number } | null>(null);
  const turn = nextTurn(step, progress);
  if (!turn) return null;
  const thing = step.things.find(({ key }) => key === turn.thing);
  const name = nameOf(step, thing, turn);
  const caution = thing?.caution ?? step.caution;
  const count = countOf(step, turn, thing, progress, units);
  const where = placeWords(turn);
  const lies = turn.check ? null : lyingOf(sheet, progress, thing?.style ?? null);
  const left = sameThing(step, turn).filter((one) => !progress.isUp(step, one));
  const ribbon = thing?.unit === "m" && !turn.check && thing.style !== null && turn.need !== null;
  const metres = used?.turn === turn.key ? used.metres : (turn.need ?? 0);

  function isUp(turns: Turn[]) {
    const says = turns.length > 1 ? `${turns.length} × ${name}` : name;
    const keys = turns.map((one) =>
      run.said("up", name, {
        step: step.id,
        turn: one.key,
        ...(hangs(one) && one.place ? { height_m: one.place.height_m, angle_deg: one.place.angle_deg } : {}),
      }),
    );
    if (ribbon && thing?.style)
      keys.push(run.said("used", name, { step: step.id, turn: thing.style, quantity: metres }));
    onDone([...done, { name: says, keys }]);
  }

  const last = done.at(-1);
  return (
    <Box sx={{ display: "flex", flexDirection: "column", gap: 1, p: 2, pt: 1.25 }}>
      <TurnHead name={name} check={turn.check}>
        {count && (
          <Typography sx={{ whiteSpace: "nowrap" }}>
            <Box component="span" sx={{ fontSize: "1.9rem", fontWeight: 800, lineHeight: 1 }}>
              {count.at}
            </Box>
            {count.of && (
              <Box component="span" sx={{ color: "text.secondary", fontSize: "1.05rem" }}>
                {" "}
                of {count.of}
              </Box>
            )}
          </Typography>
        )}
      </TurnHead>
      <Typography sx={{ fontSize: "1.35rem", fontWeight: 700, lineHeight: 1.2 }}>
        {where ? (
          <>
            {where.where},{" "}
            <Box component="span" sx={{ color: "secondary.main" }}>
              {where.depth}
            </Box>
          </>
        ) : turn.instead_of ? (
          `in place of ${turn.instead_of}`
        ) : thing ? (
          step.title
        ) : (
          roomName(sheet, step)
        )}
      </Typography>
      {lies && (
        <Typography sx={{ display: "flex", gap: 1, alignItems: "center" }}>
          <BoxGlyph />
          <span>
            <strong>{lies.number === null ? "in no box" : `box ${lies.number}`}</strong>
            {lies.place && ` · ${lies.place}`} · {amountOf(lies.left, thing ?? { unit: "pieces" }, units)}{" "}
            {lies.number === null ? "left" : "still in it"}
          </span>
        </Typography>
      )}
      {thing && !lies && !turn.check && (
        <Typography color="textSecondary">
          {thing.style ? "In no box of the stockroom." : "Not chosen from the stock."}
        </Typography>
      )}
      {!thing && step.things.length > 0 && (
        <Typography variant="body2" color="textSecondary">
          {step.things.map((one) => `${one.label}, ${amountOf(one.need, one, units)}`).join(" · ")}
        </Typography>
      )}
      {step.how && <Typography sx={{ whiteSpace: "pre-line" }}>{step.how}</Typography>}
      {step.key === "clean_up" && <Surplus sheet={sheet} step={step} />}
      {ribbon && <UsedDial used={metres} onUsed={(now) => setUsed({ turn: turn.key, metres: now })} />}
      {caution && <Caution finding={{ severity: "caution", message: caution }} />}
      <Button
        variant="contained"
        onClick={() => isUp([turn])}
        startIcon={<CheckRounded sx={{ fontSize: "30px !important" }} />}
        sx={{ minHeight: 76, fontSize: "1.5rem", fontWeight: 700, width: "100%" }}
      >
        {doneWords(sheet, step, thing, turn)}
      </Button>
      {left.length > 1 && (hangs(turn) || turn.check) && (
        <Button onClick={() => isUp(left.slice(0, 100))} sx={{ minHeight: 44 }}>
          All {left.length} that are left are {turn.check ? "there" : "up"}
        </Button>
      )}
      <OtherActs
        run={run}
        sheet={sheet}
        progress={progress}
        step={step}
        turn={turn}
        thing={thing}
        name={name}
        left={hangs(turn) ? left.length : 0}
        done={done}
        onDone={onDone}
      />
      <Box role="status" sx={visuallyHidden}>
        {last ? `${last.name} is up.` : ""}
      </Box>
    </Box>
  );
}

function roomName(sheet: Sheet, step: RunStep): string {
  return sheet.home.rooms.find(({ id }) => id === step.room)?.name ?? "";
}
