import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { SOFT_WORDS } from "../../../drawing/swaps/words";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { WordField } from "../../../parts/WordField";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Soft = Schemas["SwapsSettings"]["soft"];
type Swap = Soft["swaps"][number];

const DECLARED = declared.swaps.soft;
const PLAIN: Swap = {
  what: "cushion",
  seat: "",
  style: null,
  from: "",
  out: "",
  stored: "",
  count: 1,
  across_m: null,
  high_m: null,
  insert_m: null,
  insert_there: true,
  colour: null,
};
const MATS = [
  ["upper_long_m", "Upper mat, long"],
  ["upper_wide_m", "Upper mat, wide"],
  ["lower_long_m", "Lower mat, long"],
  ["lower_wide_m", "Lower mat, wide"],
] as const;

/** What goes out of a room and where it is stored, what comes in and from where; inserts against covers; mats. */
export function SoftStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const units = useUnits();
  const { soft } = bench.draft.settings;
  const { swaps } = soft;
  const dial = (part: Partial<Soft>) => bench.dial("soft", part);
  const change = (index: number, part: Partial<Swap>) =>
    dial({ swaps: swaps.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  const error = (name: string) => bench.problem?.field(`/settings/soft/${name}`);
  const usual = (what: Swap["what"]) => plan.assumed.sizes.find((size) => size.what === what);
  const told = (metres: number | undefined) => (metres === undefined ? "" : length(metres, units));
  return (
    <Dials>
      <FigureValue label="Come in" figure={plan.figures.soft} />
      <FigureValue label="Inserts to get" figure={plan.figures.inserts} />
      <FigureValue label="The lower mat shows at its ends" figure={plan.figures.mat_ends} />
      <FigureValue label="and along it" figure={plan.figures.mat_sides} />
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("decor")}>
        Add something soft to the stock
      </Button>
      <Entries
        label="Soft things: what comes in, and what goes out for it"
        noun="soft thing"
        entries={swaps}
        onRemove={(index) => dial({ swaps: swaps.filter((_, i) => i !== index) })}
        row={(swap, i) => (
          <>
            <TextField
              select
              label="What it is"
              value={swap.what}
              onChange={(event) =>
                change(i, { what: event.target.value as Swap["what"], across_m: null, high_m: null })
              }
            >
              {Object.entries(SOFT_WORDS).map(([what, says]) => (
                <MenuItem key={what} value={what}>
                  {says}
                </MenuItem>
              ))}
            </TextField>
            <StyleSelect
              label="Comes in"
              kinds={["decor"]}
              styles={styles}
              value={swap.style}
              onChange={(style) => change(i, { style })}
              none="not chosen"
            />
            <CountDial
              label="How many"
              about={`soft thing ${i + 1}`}
              value={swap.count}
              min={1}
              most={12}
              onChange={(count) => change(i, { count })}
            />
            <WordField
              label="Where"
              value={swap.seat}
              most={40}
              error={error(`swaps/${i}/seat`)}
              onChange={(seat) => change(i, { seat })}
            />
            <WordField
              label="From"
              value={swap.from}
              most={60}
              error={error(`swaps/${i}/from`)}
              onChange={(from) => change(i, { from })}
            />
            <WordField
              label="Goes out"
              value={swap.out}
              most={60}
              error={error(`swaps/${i}/out`)}
              onChange={(out) => change(i, { out })}
            />
            <WordField
              label="Stored where"
              value={swap.stored}
              most={60}
              error={error(`swaps/${i}/stored`)}
              onChange={(stored) => change(i, { stored })}
            />
            <LengthField
              label="Wide"
              placeholder={told(usual(swap.what)?.across_m)}
              value={swap.across_m}
              error={error(`swaps/${i}/across_m`)}
              onChange={(across_m) => change(i, { across_m })}
            />
            <LengthField
              label="High"
              placeholder={swap.what === "cushion" ? "as wide" : told(usual(swap.what)?.high_m)}
              value={swap.high_m}
              error={error(`swaps/${i}/high_m`)}
              onChange={(high_m) => change(i, { high_m })}
            />
            {swap.what === "cushion" && (
              <>
                <LengthField
                  label="Its insert"
                  placeholder="as its cover"
                  value={swap.insert_m}
                  error={error(`swaps/${i}/insert_m`)}
                  onChange={(insert_m) => change(i, { insert_m })}
                />
                <Tick
                  label="The insert is there"
                  checked={swap.insert_there}
                  onChange={(insert_there) => change(i, { insert_there })}
                />
              </>
            )}
          </>
        )}
        add={
          swaps.length < DECLARED.swaps.most ? (
            <AddEntry
              label="Something soft"
              onClick={() => dial({ swaps: [...swaps, { ...PLAIN, seat: swaps[swaps.length - 1]?.seat ?? "" }] })}
            />
          ) : null
        }
      />
      <WordField
        label="When guests sit, cushions go to"
        value={soft.guests}
        most={60}
        error={error("guests")}
        onChange={(guests) => dial({ guests })}
      />
      {MATS.map(([side, says]) => (
        <LengthField
          key={side}
          label={says}
          placeholder="no two mats"
          value={soft[side]}
          error={error(side)}
          onChange={(metres) => dial({ [side]: metres })}
        />
      ))}
    </Dials>
  );
}
