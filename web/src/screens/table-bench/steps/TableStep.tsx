import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { ColourDial } from "../../../parts/ColourDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type TableSaid = Schemas["TableSettings"]["table"];

const GUESTS = declared.table.table.guests;
const AS_NEEDED = "";

/** The table as it was measured, and who sits at it. */
export function TableStep({ bench, plan, piece }: StepProps) {
  const { table } = bench.draft.settings;
  const dial = (part: Partial<TableSaid>) => bench.dial("table", part);
  const error = (name: keyof TableSaid) => bench.problem?.field(`/settings/table/${name}`);
  return (
    <Dials>
      <FromSurvey pieceId={piece.id} take={dial} />
      <ChoiceDial
        label="Table"
        value={table.shape}
        choices={{ rectangle: "rectangle", round: "round" }}
        onChange={(shape) => dial({ shape })}
      />
      {table.shape === "rectangle" ? (
        <>
          <LengthField
            label="Long"
            placeholder={2.2}
            value={table.length_m}
            error={error("length_m")}
            onChange={(length_m) => dial({ length_m })}
          />
          <LengthField
            label="Wide"
            placeholder={1}
            value={table.width_m}
            error={error("width_m")}
            onChange={(width_m) => dial({ width_m })}
          />
        </>
      ) : (
        <LengthField
          label="Across"
          placeholder={1.4}
          value={table.diameter_m}
          error={error("diameter_m")}
          onChange={(diameter_m) => dial({ diameter_m })}
        />
      )}
      <LengthField
        label="Above the floor"
        value={table.height_m}
        error={error("height_m")}
        onChange={(height_m) => height_m !== null && dial({ height_m })}
      />
      {plan.chosen && (
        <CountDial
          label="Guests"
          value={table.guests ?? plan.assumed.guests ?? 1}
          min={GUESTS.low}
          most={GUESTS.high}
          onChange={(guests) => dial({ guests })}
        />
      )}
      {table.shape === "rectangle" && (
        <TextField
          select
          label="Laid ends"
          value={table.ends ?? AS_NEEDED}
          onChange={(event) => dial({ ends: event.target.value === AS_NEEDED ? null : Number(event.target.value) })}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value={AS_NEEDED}>as many as are needed</MenuItem>
          <MenuItem value={0}>none</MenuItem>
          <MenuItem value={1}>one</MenuItem>
          <MenuItem value={2}>both</MenuItem>
        </TextField>
      )}
      <ColourDial
        label="Its top"
        value={table.colour ?? plan.assumed.colour}
        onChange={(colour) => dial({ colour })}
        error={error("colour")}
      />
      <Tick label="A busy wall or lamp near it" checked={table.busy} onChange={(busy) => dial({ busy })} />
      <FigureValue label="With elbow room" figure={plan.figures.places} />
      <FigureValue label="Room for each" figure={plan.figures.apart} />
    </Dials>
  );
}
