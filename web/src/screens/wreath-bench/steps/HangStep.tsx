import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { HeldBy } from "./HeldBy";
import type { StepProps } from "./StepDials";

type Hang = Schemas["WreathSettings"]["hang"];

/** Nobody says: the core takes what is usual there. */
const USUAL = "usual";

const HANGERS: Record<NonNullable<Hang["hanger"]>, string> = {
  none: "none",
  real: "over the top, it carries",
  false: "for the look, a hook carries",
  taped: "taped down the door",
};

/** Its ribbon, its hook, what holds it and what that may carry. */
export function HangStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { hang, place } = bench.draft.settings;
  const dial = (part: Partial<Hang>) => bench.dial("hang", part);
  const held = plan.drawing.hook?.held ?? true;
  return (
    <Dials>
      <TextField
        select
        label="Hanger ribbon"
        value={hang.hanger ?? USUAL}
        onChange={(event) =>
          dial({ hanger: event.target.value === USUAL ? null : (event.target.value as Hang["hanger"]) })
        }
      >
        <MenuItem value={USUAL}>As usual here: {HANGERS[plan.assumed.hanger]}</MenuItem>
        {(Object.keys(HANGERS) as (keyof typeof HANGERS)[]).map((hanger) => (
          <MenuItem key={hanger} value={hanger}>
            {HANGERS[hanger]}
          </MenuItem>
        ))}
      </TextField>
      {plan.assumed.hanger !== "none" && (
        <>
          <StyleSelect
            label="Ribbon"
            kinds={["ribbon"]}
            styles={styles}
            value={hang.ribbon}
            onChange={(ribbon) => dial({ ribbon })}
            none="not chosen"
          />
          <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("ribbon")}>
            Add a ribbon
          </Button>
        </>
      )}
      <FigureValue label="Ribbon it takes" figure={plan.figures.hanger} />
      {held && (
        <HeldBy
          label="Held by"
          hang={hang}
          plan={plan}
          styles={styles}
          error={bench.problem?.field("/settings/hang/rated_kg")}
          onChange={dial}
        />
      )}
      {place.host === "pair" && held && (
        <>
          <ChoiceDial
            label="Hook on the leaf"
            value={hang.leaf}
            choices={{ left: "left", right: "right" }}
            onChange={(leaf) => dial({ leaf })}
          />
          <LengthField
            label="Off the meeting line"
            value={hang.offset_m}
            error={bench.problem?.field("/settings/hang/offset_m")}
            onChange={(offset_m) => offset_m !== null && dial({ offset_m })}
          />
        </>
      )}
      {held && <FigureValue label="Hook above the floor" figure={plan.figures.hook_floor} />}
      <FigureValue label="It weighs" figure={plan.figures.weight} />
      <FigureValue label="May carry" figure={plan.figures.may} />
    </Dials>
  );
}
