import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { LengthDial } from "../../../parts/LengthDial";
import { MeasuredField } from "../../../parts/MeasuredField";
import { mass } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";
import { StyleSelect } from "../../../bench/StyleSelect";

/** Nobody says: the core takes what fits kind, wall and household. */
const FITTING = "fitting";

const HERE: Record<Schemas["FixingHere"]["here"], string> = {
  goes: "",
  label: ", its label decides",
  never: ", not here",
};

/** What one anchor would take with it. */
function Failing({ plan }: { plan: StepProps["plan"] }) {
  const units = useUnits();
  const told = plan.anchors.flatMap(({ number, if_it_fails }) =>
    if_it_fails.map((after) => ({ ...after, gone: number })),
  );
  const worst = told.sort((one, other) => Number(one.holds) - Number(other.holds) || other.kg - one.kg)[0];
  if (!worst) return null;
  return (
    <Typography variant="body2" className="whole-row">
      If anchor {worst.gone} lets go, {worst.number} carries {mass(worst.kg, units)}{" "}
      {worst.holds ? "and holds." : "and follows."}
    </Typography>
  );
}

/** What holds the run, what one may carry, where and how hard it pulls. */
export function AnchorsStep({ bench, plan, styles }: StepProps) {
  const { anchors, length } = bench.draft.settings;
  return (
    <Dials>
      <TextField
        select
        label="Fixing"
        value={anchors.fixing ?? FITTING}
        onChange={(event) =>
          bench.dial("anchors", {
            fixing: event.target.value === FITTING ? null : (event.target.value as typeof anchors.fixing),
            style: null,
            rated_kg: null,
          })
        }
        sx={{ minWidth: 230 }}
      >
        <MenuItem value={FITTING}>
          Fits here: {plan.fixings.find((fixing) => fixing.name === plan.assumed.fixing)?.title.toLowerCase()}
        </MenuItem>
        {plan.fixings.map(({ name, title, here }) => (
          <MenuItem key={name} value={name}>
            {title}
            {HERE[here]}
          </MenuItem>
        ))}
      </TextField>
      {(anchors.fixing ?? plan.assumed.fixing) !== "none" && (
        <>
          <StyleSelect
            label="From stock"
            kinds={["fixing"]}
            styles={styles}
            value={anchors.style}
            onChange={(style) => bench.dial("anchors", { style })}
            none="not chosen"
          />
          <MeasuredField
            label="Rated load on its label"
            unit="kg"
            value={anchors.rated_kg}
            onChange={(rated_kg) => bench.dial("anchors", { rated_kg })}
            help="Half of it is used"
            error={bench.problem?.field("/settings/anchors/rated_kg")}
          />
          <CountDial label="More of them" value={anchors.more} onChange={(more) => bench.dial("anchors", { more })} />
          <FigureValue label="Anchors" figure={plan.figures.anchors} after="" />
          <FigureValue label="The most one carries" figure={plan.figures.worst_anchor} />
          <FigureValue label="One may carry" figure={plan.figures.may} />
        </>
      )}
      {length.method === "swags" && (
        <>
          <LengthDial
            label="Sag"
            value={length.sag_m}
            from={0.04}
            to={0.6}
            step={0.01}
            onChange={(sag_m) => bench.dial("length", { sag_m })}
            help="The flatter, the harder it pulls"
          />
          <FigureValue label="Pull at an end" figure={plan.figures.swag_end} />
          <FigureValue label="An end wants a rated" figure={plan.figures.swag_rated} />
        </>
      )}
      <Failing plan={plan} />
    </Dials>
  );
}
