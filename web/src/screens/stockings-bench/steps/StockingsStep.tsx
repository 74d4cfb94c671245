import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { ColourDial } from "../../../parts/ColourDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { TRIMS } from "../words";
import type { StepProps } from "./StepDials";

type Said = Schemas["StockingsSettings"]["stockings"];
type Hung = Said["hung"][number];

const MOST = declared.stockings.stockings.hung.most;
const PLAIN: Hung = { name: "", style: null, colour: null, visitor: false };

/** Whose they are from the left, of one family or all alike; what is on each. */
export function StockingsStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { stockings } = bench.draft.settings;
  const { hung } = stockings;
  const dial = (part: Partial<Said>) => bench.dial("stockings", part);
  const change = (index: number, part: Partial<Hung>) =>
    dial({ hung: hung.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  const error = (name: string) => bench.problem?.field(`/settings/stockings/${name}`);
  const style = (id: string | null) => styles.find((one) => one.id === id);
  return (
    <Dials>
      <FigureValue label="Stockings" figure={plan.figures.count} />
      <FigureValue label="Between them" figure={plan.figures.gap} />
      <ChoiceDial
        label="They are"
        value={stockings.school}
        choices={{ family: "of one colour family", alike: "all alike" }}
        onChange={(school) => dial({ school })}
      />
      <LengthField
        label="One across"
        value={stockings.width_m}
        error={error("width_m")}
        onChange={(width_m) => width_m !== null && dial({ width_m })}
      />
      <LengthField
        label="One long"
        value={stockings.long_m}
        error={error("long_m")}
        onChange={(long_m) => long_m !== null && dial({ long_m })}
      />
      <Entries
        label="Stockings, from the left"
        noun="stocking"
        entries={hung}
        onRemove={(index) => dial({ hung: hung.filter((_, i) => i !== index) })}
        row={(entry, i) => (
          <>
            <TextField
              label="Whose"
              value={entry.name}
              placeholder="nobody's yet"
              error={Boolean(error(`hung/${i}/name`))}
              helperText={error(`hung/${i}/name`)}
              onChange={(event) => change(i, { name: event.target.value })}
            />
            <StyleSelect
              label="From stock"
              kinds={["decor"]}
              styles={styles}
              value={entry.style}
              onChange={(chosen) => change(i, { style: chosen })}
              none="not chosen"
            />
            <ColourDial
              label="Its colour"
              value={entry.colour ?? style(entry.style)?.colour ?? plan.assumed.stocking_colour}
              onChange={(colour) => change(i, { colour })}
              error={error(`hung/${i}/colour`)}
            />
            <Tick label="For a visitor" checked={entry.visitor} onChange={(visitor) => change(i, { visitor })} />
          </>
        )}
        add={
          hung.length < MOST ? (
            <AddEntry
              label="A stocking"
              onClick={() => dial({ hung: [...hung, { ...PLAIN, style: hung[hung.length - 1]?.style ?? null }] })}
            />
          ) : null
        }
      />
      <ChoiceDial
        label="On each"
        value={stockings.trim}
        choices={TRIMS}
        onChange={(trim) => dial({ trim, trim_style: null })}
      />
      {stockings.trim !== "none" && (
        <StyleSelect
          label={stockings.trim === "bow" ? "Ribbon of the bows" : "Picks"}
          kinds={[stockings.trim === "bow" ? "ribbon" : "pick"]}
          styles={styles}
          value={stockings.trim_style}
          onChange={(trim_style) => dial({ trim_style })}
          none="not chosen"
        />
      )}
      {stockings.trim === "bow" && (
        <>
          <LengthField
            label="Loops"
            value={stockings.loop_m}
            error={error("loop_m")}
            onChange={(loop_m) => loop_m !== null && dial({ loop_m })}
          />
          <LengthField
            label="Tails"
            value={stockings.tail_m}
            error={error("tail_m")}
            onChange={(tail_m) => tail_m !== null && dial({ tail_m })}
          />
        </>
      )}
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("decor")}>
        Add a stocking to the stock
      </Button>
    </Dials>
  );
}
