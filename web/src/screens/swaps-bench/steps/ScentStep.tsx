import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { SCENT_WORDS } from "../../../drawing/swaps/words";
import { Tick } from "../../../parts/Tick";
import { WordField } from "../../../parts/WordField";
import type { StepProps } from "./StepDials";

type Scent = Schemas["SwapsSettings"]["scent"]["scents"][number];

const MOST = declared.swaps.scent.scents.most;
const PLAIN: Scent = { zone: "", kind: "diffuser", scented: true };

/** One scent in each place; what stands beside it is unscented. */
export function ScentStep({ bench, plan }: StepProps) {
  const { scents } = bench.draft.settings.scent;
  const dial = (entries: Scent[]) => bench.dial("scent", { scents: entries });
  const change = (index: number, part: Partial<Scent>) =>
    dial(scents.map((entry, i) => (i === index ? { ...entry, ...part } : entry)));
  return (
    <Dials>
      <FigureValue label="Places" figure={plan.figures.zones} />
      <Entries
        label="Scents by place"
        noun="scent"
        entries={scents}
        onRemove={(index) => dial(scents.filter((_, i) => i !== index))}
        row={(scent, i) => (
          <>
            <WordField
              label="Where"
              value={scent.zone}
              most={40}
              error={bench.problem?.field(`/settings/scent/scents/${i}/zone`)}
              onChange={(zone) => change(i, { zone })}
            />
            <TextField
              select
              label="What"
              value={scent.kind}
              onChange={(event) => change(i, { kind: event.target.value as Scent["kind"] })}
            >
              {Object.entries(SCENT_WORDS).map(([kind, says]) => (
                <MenuItem key={kind} value={kind}>
                  {says}
                </MenuItem>
              ))}
            </TextField>
            <Tick label="Scented" checked={scent.scented} onChange={(scented) => change(i, { scented })} />
          </>
        )}
        add={scents.length < MOST ? <AddEntry label="A scent" onClick={() => dial([...scents, PLAIN])} /> : null}
      />
    </Dials>
  );
}
