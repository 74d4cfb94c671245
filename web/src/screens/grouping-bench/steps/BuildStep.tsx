import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { FINISHES, FORMS, SLOTS, type Form, type Slot, type ThingSaid } from "../words";
import { PLAIN } from "./plain";
import { StartFromStock } from "./StartFromStock";
import type { StepProps } from "./StepDials";

const MOST = declared.grouping.things.standing.most;
const BY_ITSELF = "";

/** The things of the group from the back to the front, each with its measures and where it stands. */
export function BuildStep(props: StepProps) {
  const { bench, plan, styles, onNewStyle } = props;
  const { standing } = bench.draft.settings.things;
  const units = useUnits();
  const dial = (entries: ThingSaid[]) => bench.dial("things", { standing: entries });
  const change = (index: number, part: Partial<ThingSaid>) =>
    dial(standing.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const usual = (form: Form) => plan.assumed.forms.find((known) => known.form === form);
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
        row={(thing, i) => {
          const known = usual(thing.form);
          return (
            <>
              <TextField
                select
                label="What it is"
                value={thing.form}
                onChange={(event) => change(i, { ...PLAIN, form: event.target.value as Form })}
              >
                {Object.entries(FORMS).map(([form, says]) => (
                  <MenuItem key={form} value={form}>
                    {says}
                  </MenuItem>
                ))}
              </TextField>
              <StyleSelect
                label="From stock"
                kinds={["decor", "tree", "stem", "pick"]}
                styles={styles}
                value={thing.style}
                onChange={(style) => change(i, { style })}
                none="not chosen"
              />
              <TextField
                select
                label="Its place"
                value={thing.slot ?? BY_ITSELF}
                onChange={(event) => change(i, { slot: (event.target.value || null) as Slot | null })}
                slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
              >
                <MenuItem value={BY_ITSELF}>{known ? SLOTS[known.slot] : "by what it is"}</MenuItem>
                {Object.entries(SLOTS).map(([slot, says]) => (
                  <MenuItem key={slot} value={slot}>
                    {says}
                  </MenuItem>
                ))}
              </TextField>
              <LengthField
                label="Across"
                placeholder={known ? length(known.across_m, units) : ""}
                value={thing.across_m}
                error={error(i, "across_m")}
                onChange={(across_m) => change(i, { across_m })}
              />
              <LengthField
                label="High"
                placeholder={known ? length(known.height_m, units) : ""}
                value={thing.height_m}
                error={error(i, "height_m")}
                onChange={(height_m) => change(i, { height_m })}
              />
              <LengthField
                label="Riser"
                value={thing.riser_m}
                error={error(i, "riser_m")}
                onChange={(riser_m) => riser_m !== null && change(i, { riser_m })}
              />
              <LengthField
                label="Aside"
                placeholder="by itself"
                value={thing.at_m}
                error={error(i, "at_m")}
                onChange={(at_m) => change(i, { at_m })}
              />
              <LengthField
                label="Off the wall"
                placeholder="by itself"
                value={thing.out_m}
                error={error(i, "out_m")}
                onChange={(out_m) => change(i, { out_m })}
              />
              <TextField
                select
                label="It brings"
                value={thing.finish ?? BY_ITSELF}
                onChange={(event) => change(i, { finish: (event.target.value || null) as ThingSaid["finish"] })}
                slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
              >
                <MenuItem value={BY_ITSELF}>{known ? FINISHES[known.finish] : "by what it is"}</MenuItem>
                {Object.entries(FINISHES).map(([finish, says]) => (
                  <MenuItem key={finish} value={finish}>
                    {says}
                  </MenuItem>
                ))}
              </TextField>
              {(thing.form === "candle" || thing.form === "lantern") && (
                <Tick label="Real flame" checked={thing.flame} onChange={(flame) => change(i, { flame })} />
              )}
            </>
          );
        }}
        add={
          standing.length < MOST ? (
            <AddEntry label="A thing" onClick={() => dial([...standing, { ...PLAIN, form: "vessel" }])} />
          ) : null
        }
      />
    </Dials>
  );
}
