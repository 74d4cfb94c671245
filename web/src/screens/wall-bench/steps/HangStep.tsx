import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import { HeldBy } from "../../wreath-bench/steps/HeldBy";
import type { StepProps } from "./StepDials";

type Hang = Schemas["WallSettings"]["hang"];
type Hanger = NonNullable<Hang["hanger"]>;

/** Nobody says: the core takes what is usual there. */
const USUAL = "usual";
const ON_WALL: Partial<Record<Hanger, string>> = { none: "none", false: "for the look, above each" };
const IN_OPENINGS: Record<Hanger, string> = {
  none: "none",
  false: "for the look, a hook carries",
  real: "over the top, it carries",
  taped: "taped down each",
};

/** One ribbon for all of them, what holds each and what that may carry. */
export function HangStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { hang, arrange } = bench.draft.settings;
  const dial = (part: Partial<Hang>) => bench.dial("hang", part);
  const openings = arrange.arrangement === "openings";
  const hangers = openings ? IN_OPENINGS : ON_WALL;
  const chosen = hang.hanger !== null && hang.hanger in hangers ? hang.hanger : USUAL;
  const ribbons = plan.drawing.looks?.some(({ hanger }) => hanger) ?? false;
  return (
    <Dials>
      <TextField
        select
        label="Hanger ribbon"
        value={chosen}
        onChange={(event) => dial({ hanger: event.target.value === USUAL ? null : (event.target.value as Hanger) })}
      >
        <MenuItem value={USUAL}>As usual here</MenuItem>
        {Object.entries(hangers).map(([hanger, says]) => (
          <MenuItem key={hanger} value={hanger}>
            {says}
          </MenuItem>
        ))}
      </TextField>
      {ribbons && (
        <>
          <StyleSelect
            label="Ribbon for all"
            kinds={["ribbon"]}
            styles={styles}
            value={hang.ribbon}
            onChange={(ribbon) => dial({ ribbon })}
            none="not chosen"
          />
          {!openings && (
            <LengthField
              label="Ribbon above each"
              value={hang.drop_m}
              error={bench.problem?.field("/settings/hang/drop_m")}
              onChange={(drop_m) => drop_m !== null && dial({ drop_m })}
            />
          )}
          <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("ribbon")}>
            Add a ribbon
          </Button>
        </>
      )}
      <FigureValue label="Ribbon, all of it" figure={plan.figures.ribbon} />
      <HeldBy
        label="Each held by"
        hang={hang}
        plan={plan}
        styles={styles}
        error={bench.problem?.field("/settings/hang/rated_kg")}
        onChange={dial}
      />
      <FigureValue label="Heaviest" figure={plan.figures.heaviest} />
      <FigureValue label="May carry" figure={plan.figures.may} />
    </Dials>
  );
}
