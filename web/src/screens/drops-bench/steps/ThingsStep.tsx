import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import { WHATS } from "../words";
import type { StepProps } from "./StepDials";

type Hung = Schemas["DropsSettings"]["things"]["hung"][number];

const MOST = declared.drops.things.hung.most;
const KINDS: Schemas["Style"]["kind"][] = ["ornament", "decor"];
const PLAIN: Omit<Hung, "style"> = { what: "single", across_m: null, spacing_m: 0.12 };

/** What hangs: kinds take turns along the lines, alone or as strands. */
export function ThingsStep({ bench, styles, onNewStyle }: StepProps) {
  const { hung } = bench.draft.settings.things;
  const dial = (entries: Hung[]) => bench.dial("things", { hung: entries });
  const change = (index: number, part: Partial<Hung>) =>
    dial(hung.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  const error = (i: number, name: keyof Hung) => bench.problem?.field(`/settings/things/hung/${i}/${name}`);
  const unused = styles
    .filter(({ kind, id, retired }) => KINDS.includes(kind) && !retired && !hung.some(({ style }) => style === id))
    .sort((one, other) => one.name.localeCompare(other.name))[0];
  return (
    <Dials>
      <Entries
        label="What hangs, in turn"
        noun="kind"
        entries={hung}
        onRemove={(index) => dial(hung.filter((_, i) => i !== index))}
        row={(entry, i) => (
          <>
            <StyleSelect
              label="From stock"
              kinds={KINDS}
              styles={styles}
              value={entry.style}
              onChange={(style) => style && change(i, { style })}
              none="choose …"
            />
            <TextField
              select
              label="It hangs"
              value={entry.what}
              onChange={(event) => change(i, { what: event.target.value as Hung["what"] })}
            >
              {Object.entries(WHATS).map(([what, says]) => (
                <MenuItem key={what} value={what}>
                  {says}
                </MenuItem>
              ))}
            </TextField>
            <LengthField
              label="Across"
              placeholder="as it is"
              value={entry.across_m}
              error={error(i, "across_m")}
              onChange={(across_m) => change(i, { across_m })}
            />
            {entry.what === "strand" && (
              <LengthField
                label="One every"
                value={entry.spacing_m}
                error={error(i, "spacing_m")}
                onChange={(spacing_m) => spacing_m !== null && change(i, { spacing_m })}
              />
            )}
          </>
        )}
        add={
          hung.length < MOST && unused ? (
            <AddEntry label="Something that hangs" onClick={() => dial([...hung, { style: unused.id, ...PLAIN }])} />
          ) : null
        }
      />
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("ornament")}>
        Add something to the stock
      </Button>
    </Dials>
  );
}
