import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { AddEntry, Entries } from "../../../bench/Entries";
import { Dials } from "../../../bench/Dials";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ColourDial } from "../../../parts/ColourDial";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { FREE_FOR } from "../../../drawing/grouping/words";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { SURFACES } from "../words";
import type { StepProps } from "./StepDials";

type Surface = Schemas["GroupingSettings"]["surface"];
type Socket = Surface["sockets"][number];
type Free = Surface["keep_free"][number];

const MOST = declared.grouping.surface;

function Sockets({ bench }: StepProps) {
  const { sockets, length_m } = bench.draft.settings.surface;
  const dial = (entries: Socket[]) => bench.dial("surface", { sockets: entries });
  const change = (index: number, part: Partial<Socket>) =>
    dial(sockets.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof Socket) => bench.problem?.field(`/settings/surface/sockets/${i}/${name}`);
  return (
    <Entries
      label="Sockets on the wall behind it"
      noun="socket"
      entries={sockets}
      onRemove={(index) => dial(sockets.filter((_, i) => i !== index))}
      row={(socket, i) => (
        <>
          <LengthField
            label="From the left"
            value={socket.at_m}
            error={error(i, "at_m")}
            onChange={(at_m) => at_m !== null && change(i, { at_m })}
          />
          <LengthField
            label="Its top, above the surface"
            value={socket.top_m}
            error={error(i, "top_m")}
            onChange={(top_m) => top_m !== null && change(i, { top_m })}
          />
          <Tick label="In use" checked={socket.in_use} onChange={(in_use) => change(i, { in_use })} />
        </>
      )}
      add={
        sockets.length < MOST.sockets.most ? (
          <AddEntry
            label="A socket"
            onClick={() => dial([...sockets, { at_m: (length_m ?? 1) / 2, top_m: 0.25, in_use: false }])}
          />
        ) : null
      }
    />
  );
}

function KeepFree({ bench }: StepProps) {
  const { keep_free, length_m } = bench.draft.settings.surface;
  const dial = (entries: Free[]) => bench.dial("surface", { keep_free: entries });
  const change = (index: number, part: Partial<Free>) =>
    dial(keep_free.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof Free) => bench.problem?.field(`/settings/surface/keep_free/${i}/${name}`);
  return (
    <Entries
      label="Stays free for everyday life"
      noun="stretch"
      entries={keep_free}
      onRemove={(index) => dial(keep_free.filter((_, i) => i !== index))}
      row={(free, i) => (
        <>
          <TextField
            select
            label="For"
            value={free.what}
            onChange={(event) => change(i, { what: event.target.value as Free["what"] })}
          >
            {Object.entries(FREE_FOR).map(([what, says]) => (
              <MenuItem key={what} value={what}>
                {says}
              </MenuItem>
            ))}
          </TextField>
          <LengthField
            label="From"
            value={free.from_m}
            error={error(i, "from_m")}
            onChange={(from_m) => from_m !== null && change(i, { from_m })}
          />
          <LengthField
            label="To"
            value={free.to_m}
            error={error(i, "to_m")}
            onChange={(to_m) => to_m !== null && change(i, { to_m })}
          />
        </>
      )}
      add={
        keep_free.length < MOST.keep_free.most ? (
          <AddEntry
            label="A stretch that stays free"
            onClick={() => dial([...keep_free, { what: "work", from_m: 0, to_m: Math.min(0.6, length_m ?? 0.6) }])}
          />
        ) : null
      }
    />
  );
}

/** What the group stands on, measured; what everyday life needs of it. */
export function SurfaceStep(props: StepProps) {
  const { bench, plan, piece } = props;
  const { surface } = bench.draft.settings;
  const units = useUnits();
  const dial = (part: Partial<Surface>) => bench.dial("surface", part);
  const error = (name: keyof Surface) => bench.problem?.field(`/settings/surface/${name}`);
  return (
    <Dials>
      <FromSurvey pieceId={piece.id} take={dial} />
      <ChoiceDial
        label="It stands on"
        value={surface.surface}
        choices={SURFACES}
        onChange={(kind) => dial({ surface: kind })}
      />
      <LengthField
        label="Length"
        placeholder={2.4}
        value={surface.length_m}
        error={error("length_m")}
        onChange={(length_m) => dial({ length_m })}
      />
      <LengthField
        label="Depth"
        placeholder={length(plan.assumed.depth_m, units)}
        value={surface.depth_m}
        error={error("depth_m")}
        onChange={(depth_m) => dial({ depth_m })}
      />
      <LengthField
        label="Above the floor"
        placeholder={length(plan.assumed.height_m, units)}
        value={surface.height_m}
        error={error("height_m")}
        onChange={(height_m) => dial({ height_m })}
      />
      <LengthField
        label="Clear height above it"
        placeholder="open"
        value={surface.clear_m}
        error={error("clear_m")}
        onChange={(clear_m) => dial({ clear_m })}
      />
      {surface.clear_m !== null && (
        <>
          <LengthField
            label="What hangs above, from"
            placeholder="its left end"
            value={surface.above_from_m}
            error={error("above_from_m")}
            onChange={(above_from_m) => dial({ above_from_m })}
          />
          <LengthField
            label="What hangs above, to"
            placeholder="its right end"
            value={surface.above_to_m}
            error={error("above_to_m")}
            onChange={(above_to_m) => dial({ above_to_m })}
          />
        </>
      )}
      <ColourDial
        label="Behind it"
        value={surface.wall_colour ?? plan.assumed.wall_colour}
        onChange={(colour) => dial({ wall_colour: colour })}
        error={error("wall_colour")}
      />
      <ColourDial
        label="Its top"
        value={surface.top_colour ?? plan.assumed.top_colour}
        onChange={(colour) => dial({ top_colour: colour })}
        error={error("top_colour")}
      />
      {surface.surface === "counter" && (
        <Tick label="Somebody cooks here" checked={surface.cooked} onChange={(cooked) => dial({ cooked })} />
      )}
      <Sockets {...props} />
      <KeepFree {...props} />
    </Dials>
  );
}
