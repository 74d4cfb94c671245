import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { ThingFields } from "../../../bench/ThingFields";
import { PLAIN } from "../../../bench/things";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Said = Schemas["TableSettings"]["centre"]["standing"][number];

const MOST = declared.table.centre.standing.most;
const BY_HEIGHT = "";
const NEW: Said = { ...PLAIN, form: "candle", see_through: false, meal: null };

/** What stands along the middle, how high; what leaves for a meal. */
export function CentreStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { standing } = bench.draft.settings.centre;
  const units = useUnits();
  const dial = (entries: Said[]) => bench.dial("centre", { standing: entries });
  const change = (index: number, part: Partial<Said>) =>
    dial(standing.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof Said) => bench.problem?.field(`/settings/centre/standing/${i}/${name}`);
  const leaves = (i: number) => plan.drawing.things?.find(({ number }) => number === i + 1)?.leaves;
  const moved = standing.some(({ at_m, out_m }) => at_m !== null || out_m !== null);
  const middle = plan.assumed.out_m === undefined ? "the middle" : length(plan.assumed.out_m, units);
  return (
    <Dials>
      <FigureValue label="Things" figure={plan.figures.things} />
      <FigureValue label="Tallest" figure={plan.figures.tallest} />
      <FigureValue label="Leave for a meal" figure={plan.figures.leaves} />
      <FigureValue
        label="To clear it"
        figure={plan.figures.clear}
        after={Number(plan.figures.clear?.value) === 1 ? "minute" : "minutes"}
      />
      <FigureValue label="Hidden opposite, up to" figure={plan.figures.hidden} />
      <FigureValue label="Before each guest" figure={plan.figures.depth} />
      <Box className="whole-row" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        {moved && (
          <Button size="small" onClick={() => dial(standing.map((thing) => ({ ...thing, at_m: null, out_m: null })))}>
            Let them stand by themselves
          </Button>
        )}
        <Button size="small" onClick={() => onNewStyle("decor")}>
          Add a thing to the stock
        </Button>
      </Box>
      <Entries
        label="Along the middle"
        noun="thing"
        entries={standing}
        onRemove={(index) => dial(standing.filter((_, i) => i !== index))}
        row={(thing, i) => (
          <ThingFields
            thing={thing}
            forms={plan.assumed.forms}
            styles={styles}
            error={(name) => error(i, name)}
            onChange={(part) => change(i, part)}
            aside="From the middle"
            out="From the near edge"
            outUsual={middle}
          >
            <TextField
              select
              label="For a meal"
              value={thing.meal ?? BY_HEIGHT}
              onChange={(event) => change(i, { meal: (event.target.value || null) as Said["meal"] })}
              slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
            >
              <MenuItem value={BY_HEIGHT}>{leaves(i) ? "leaves, by its height" : "stays, by its height"}</MenuItem>
              <MenuItem value="stays">stays</MenuItem>
              <MenuItem value="leaves">leaves</MenuItem>
            </TextField>
            <Tick
              label="One sees through it"
              checked={thing.see_through}
              onChange={(see_through) => change(i, { see_through })}
            />
          </ThingFields>
        )}
        add={
          standing.length < MOST ? <AddEntry label="A thing" onClick={() => dial([...standing, { ...NEW }])} /> : null
        }
      />
    </Dials>
  );
}
