import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { ThingFields } from "../../../bench/ThingFields";
import { PLAIN, type ThingSaid } from "../../../bench/things";
import { RisersFromStock, StartFromStock } from "./StartFromStock";
import type { StepProps } from "./StepDials";

const MOST = declared.grouping.things.standing.most;

/** The things of the group from the back to the front, each with its measures and where it stands. */
export function BuildStep(props: StepProps) {
  const { bench, plan, styles, onNewStyle } = props;
  const { standing } = bench.draft.settings.things;
  const dial = (entries: ThingSaid[]) => bench.dial("things", { standing: entries });
  const change = (index: number, part: Partial<ThingSaid>) =>
    dial(standing.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof ThingSaid) => bench.problem?.field(`/settings/things/standing/${i}/${name}`);
  const risers = (plan.drawing.things ?? []).filter(({ wanted_riser_m }) => wanted_riser_m > 0.01);
  const moved = standing.some(({ at_m, out_m }) => at_m !== null || out_m !== null);

  const raised = () => {
    // The vessel that is filled comes after all that stands.
    const vessel = risers.find(({ number }) => number > standing.length);
    if (vessel) bench.dial("fill", { riser_m: bench.draft.settings.fill.riser_m + vessel.wanted_riser_m });
    dial(
      standing.map((thing, i) => {
        const more = risers.find(({ number }) => number === i + 1)?.wanted_riser_m ?? 0;
        return more > 0 ? { ...thing, riser_m: thing.riser_m + more } : thing;
      }),
    );
  };

  return (
    <Dials>
      <FigureValue label="Things" figure={plan.figures.things} />
      <FigureValue label="Tallest" figure={plan.figures.tallest} />
      <FigureValue label="Different heights" figure={plan.figures.steps} />
      <FigureValue label="Air above" figure={plan.figures.under} />
      <Box className="whole-row" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <StartFromStock {...props} />
        {risers.length > 0 && (
          <Button size="small" onClick={raised}>
            Raise {risers.length === 1 ? "one" : risers.length} to the line
          </Button>
        )}
        {(risers.length > 0 || plan.figures.riser) && <RisersFromStock {...props} />}
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
        label="Things of the group"
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
            aside="Aside"
            out="Off the wall"
            outUsual="by itself"
          />
        )}
        add={
          standing.length < MOST ? (
            <AddEntry label="A thing" onClick={() => dial([...standing, { ...PLAIN, form: "vessel" }])} />
          ) : null
        }
      />
    </Dials>
  );
}
