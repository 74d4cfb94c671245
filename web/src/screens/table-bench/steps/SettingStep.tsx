import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LAYERS } from "../../../drawing/table/words";
import { ColourDial } from "../../../parts/ColourDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Setting = Schemas["TableSettings"]["setting"];
type LayerSaid = Setting["layers"][number];
type Name = LayerSaid["layer"];

const NAMES = Object.keys(LAYERS) as Name[];
const LAYER_COLOUR = "#b9c3c4";

/** What lies at each place, from the cloth up: how light each is, whose it is, a bow on the napkin. */
export function SettingStep({ bench, plan, styles }: StepProps) {
  const { setting } = bench.draft.settings;
  const { layers } = setting;
  const units = useUnits();
  const dial = (part: Partial<Setting>) => bench.dial("setting", part);
  const change = (index: number, part: Partial<LayerSaid>) =>
    dial({ layers: layers.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  const error = (i: number, name: keyof LayerSaid) => bench.problem?.field(`/settings/setting/layers/${i}/${name}`);
  const usual = (layer: Name) => plan.assumed.layers.find(({ name }) => name === layer);
  const free = NAMES.filter((name) => !layers.some(({ layer }) => layer === name));
  const style = (id: string | null) => styles.find((one) => one.id === id);
  return (
    <Dials>
      <Entries
        label="At each place, from the cloth up"
        noun="layer"
        entries={layers}
        onRemove={(index) => dial({ layers: layers.filter((_, i) => i !== index) })}
        row={(entry, i) => (
          <>
            <TextField
              select
              label="What"
              value={entry.layer}
              error={Boolean(error(i, "layer"))}
              helperText={error(i, "layer")}
              onChange={(event) => change(i, { layer: event.target.value as Name, across_m: null, colour: null })}
            >
              {NAMES.filter((name) => name === entry.layer || free.includes(name)).map((name) => (
                <MenuItem key={name} value={name}>
                  {LAYERS[name]}
                </MenuItem>
              ))}
            </TextField>
            <StyleSelect
              label="From stock"
              kinds={["decor"]}
              styles={styles}
              value={entry.style}
              onChange={(chosen) => change(i, { style: chosen, own: false })}
              none={entry.own ? "the home's own" : "not chosen"}
            />
            <LengthField
              label="Across"
              placeholder={length(usual(entry.layer)?.across_m ?? 0, units)}
              value={entry.across_m}
              error={error(i, "across_m")}
              onChange={(across_m) => change(i, { across_m })}
            />
            <ColourDial
              label="Its colour"
              value={entry.colour ?? style(entry.style)?.colour ?? usual(entry.layer)?.colour ?? LAYER_COLOUR}
              onChange={(colour) => change(i, { colour })}
              error={error(i, "colour")}
            />
            <Tick label="Patterned" checked={entry.patterned} onChange={(patterned) => change(i, { patterned })} />
            <Tick
              label="The home's own"
              checked={entry.own}
              onChange={(own) => change(i, { own, style: own ? null : entry.style })}
            />
          </>
        )}
        add={
          free[0] ? (
            <AddEntry
              label="A layer"
              onClick={() =>
                free[0] &&
                dial({
                  layers: [
                    ...layers,
                    { layer: free[0], style: null, across_m: null, colour: null, patterned: false, own: false },
                  ],
                })
              }
            />
          ) : null
        }
      />
      <Tick label="A bow on each napkin" checked={setting.bow} onChange={(bow) => dial({ bow })} />
      {setting.bow && (
        <>
          <StyleSelect
            label="Ribbon of the bows"
            kinds={["ribbon"]}
            styles={styles}
            value={setting.bow_style}
            onChange={(bow_style) => dial({ bow_style })}
            none="not chosen"
          />
          <LengthField
            label="Loops"
            value={setting.loop_m}
            error={bench.problem?.field("/settings/setting/loop_m")}
            onChange={(loop_m) => loop_m !== null && dial({ loop_m })}
          />
          <LengthField
            label="Tails"
            value={setting.tail_m}
            error={bench.problem?.field("/settings/setting/tail_m")}
            onChange={(tail_m) => tail_m !== null && dial({ tail_m })}
          />
          <Tick label="Napkins of thick cloth" checked={setting.thick} onChange={(thick) => dial({ thick })} />
        </>
      )}
      <FigureValue label="Guests" figure={plan.figures.guests} />
    </Dials>
  );
}
