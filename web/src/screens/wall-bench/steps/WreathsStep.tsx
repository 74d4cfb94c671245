import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { HungBefore } from "../../../bench/HungBefore";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import { LAYOUTS } from "../../wreath-bench/words";
import type { StepProps } from "./StepDials";

type Hung = Schemas["WallSettings"]["wreaths"]["hung"][number];

const PLAIN: Hung = { style: null, outer_m: null, layout: null, pick: null, star: null };
const MOST = declared.wall.wreaths.hung.most;
/** Dressed as all of them are. */
const ALIKE = "alike";
const STARS: Record<NonNullable<Hung["star"]>, string> = {
  none: "no star",
  bow: "a bow",
  word: "a word",
  figure: "a figure",
};

/** How many, how large, from stock; and what one of them wears for itself. */
export function WreathsStep({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { hung } = bench.draft.settings.wreaths;
  const { arrangement } = bench.draft.settings.arrange;
  const dial = (entries: Hung[]) => bench.dial("wreaths", { hung: entries });
  const change = (index: number, part: Partial<Hung>) =>
    dial(hung.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const last = hung[hung.length - 1] ?? PLAIN;
  return (
    <Dials>
      <FigureValue label="They hang" figure={plan.figures.count} />
      <FigureValue label="All together" figure={plan.figures.weight} />
      {hung.length > 1 && (
        <Button
          size="small"
          className="as-wide-as-it-is"
          onClick={() =>
            dial(hung.map(() => ({ ...PLAIN, style: hung[0]?.style ?? null, outer_m: hung[0]?.outer_m ?? null })))
          }
        >
          All like the first
        </Button>
      )}
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("wreath")}>
        Add a wreath or ring to the stock
      </Button>
      <Entries
        label={
          arrangement === "openings"
            ? "Wreaths, in turn: there is one for every opening, as large as the first"
            : arrangement === "flanking"
              ? "The first one hangs at both sides, mirrored"
              : "Wreaths, from the left"
        }
        noun="wreath"
        entries={hung}
        onRemove={(index) => hung.length > 1 && dial(hung.filter((_, i) => i !== index))}
        row={(entry, i) => (
          <>
            <StyleSelect
              label="From stock"
              kinds={["wreath"]}
              styles={styles}
              value={entry.style}
              onChange={(style) => change(i, { style, outer_m: null })}
              none="not chosen"
            />
            <LengthField
              label="Another size"
              placeholder="as found"
              value={entry.outer_m}
              error={bench.problem?.field(`/settings/wreaths/hung/${i}/outer_m`)}
              onChange={(outer_m) => change(i, { outer_m })}
            />
            <TextField
              select
              label="Layout"
              value={entry.layout ?? ALIKE}
              onChange={(event) =>
                change(i, { layout: event.target.value === ALIKE ? null : (event.target.value as Hung["layout"]) })
              }
            >
              <MenuItem value={ALIKE}>as all</MenuItem>
              {Object.entries(LAYOUTS).map(([layout, says]) => (
                <MenuItem key={layout} value={layout}>
                  {says}
                </MenuItem>
              ))}
            </TextField>
            <StyleSelect
              label="On the sites"
              kinds={["pick", "ornament"]}
              styles={styles}
              value={entry.pick}
              onChange={(pick) => change(i, { pick })}
              none="as all"
            />
            <TextField
              select
              label="Star"
              value={entry.star ?? ALIKE}
              onChange={(event) =>
                change(i, { star: event.target.value === ALIKE ? null : (event.target.value as Hung["star"]) })
              }
            >
              <MenuItem value={ALIKE}>as all</MenuItem>
              {Object.entries(STARS).map(([star, says]) => (
                <MenuItem key={star} value={star}>
                  {says}
                </MenuItem>
              ))}
            </TextField>
          </>
        )}
        add={
          hung.length < MOST ? <AddEntry label="Another wreath" onClick={() => dial([...hung, { ...last }])} /> : null
        }
      />
      {[...new Set(hung.map(({ style }) => style))].map((style) => (
        <HungBefore key={style} style={style} home={piece.home.id} />
      ))}
    </Dials>
  );
}
