import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../../api/client";
import { Caution } from "../../../parts/Caution";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { Tick } from "../../../parts/Tick";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";

const LOOKS: { value: Schemas["TreeSettings"]["step_back"]["looked"][number]; label: string }[] = [
  { value: "door", label: "From the door" },
  { value: "day", label: "By day" },
  { value: "dusk", label: "After dark, lights on" },
  { value: "balance", label: "Left and right in balance" },
  { value: "colour", label: "Each colour all over" },
  { value: "holes", label: "No holes, no clumps" },
];

type Finding = Schemas["StepBackFinding"];

/** One finding; its number is that of its ring in the drawing. */
function FoundRow({
  finding,
  number,
  onMend,
}: {
  finding: Finding;
  number: number;
  onMend: (mends: Schemas["Mend"][]) => void;
}) {
  return (
    <Box component="li" sx={{ mb: 1 }}>
      <Caution finding={{ ...finding, message: `${number}. ${finding.message}` }} />
      {finding.mends.length > 0 && (
        <Box sx={{ display: "flex", gap: 0.75, flexWrap: "wrap", mt: 0.5, pl: 1.5 }}>
          {finding.mends.map((offered) => (
            <Button key={offered.label} size="small" variant="outlined" onClick={() => onMend(offered.mends)}>
              {offered.label}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** The last look, before the ladder is put away: what is found, what would mend it, before and after. */
export function StepBackStep({ bench, look }: StepProps) {
  const { looked, mends } = bench.draft.settings.step_back;
  const findings = look.found?.findings;
  return (
    <Dials>
      <ChoiceDial
        label="Looking at"
        value={look.lookAt}
        onChange={look.setLookAt}
        choices={{ plan: "the plan", up: "what is up" }}
      />
      {look.mended && (
        <ChoiceDial
          label="Mends"
          value={look.moment}
          onChange={look.setMoment}
          choices={{ before: "before", after: "after" }}
        />
      )}
      {mends.length > 0 && (
        <Button size="small" onClick={() => bench.dial("step_back", { mends: [] })}>
          {mends.length === 1 ? "Take the mend back" : `Take all ${mends.length} mends back`}
        </Button>
      )}
      <Box className="whole-row" aria-live="polite">
        {findings && findings.length === 0 && (
          <Typography variant="body2">
            <strong>Nothing to mend.</strong> {look.found?.counted} ornaments hang evenly: no holes, no clumps, no
            colour on one side only.
          </Typography>
        )}
        <Box component="ul" aria-label="What is found" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {findings?.map((finding, i) => (
            <FoundRow
              key={finding.message}
              finding={finding}
              number={i + 1}
              onMend={(more) => {
                look.setMoment("after");
                bench.dial("step_back", { mends: [...mends, ...more] });
              }}
            />
          ))}
        </Box>
      </Box>
      {LOOKS.map((point) => (
        <Tick
          key={point.value}
          label={point.label}
          checked={looked.includes(point.value)}
          onChange={(checked) =>
            bench.dial("step_back", {
              looked: checked ? [...looked, point.value] : looked.filter((done) => done !== point.value),
            })
          }
        />
      ))}
    </Dials>
  );
}
