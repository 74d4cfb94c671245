import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { percent } from "../../../units/format";
import { Dials, type StepProps } from "./StepDials";

/** What hides the foot of the tree. */
export function FootStep({ bench, plan }: StepProps) {
  const { foot } = bench.draft.settings;
  const cloth = foot.kind === "skirt" || foot.kind === "blanket";
  return (
    <Dials>
      <ChoiceDial
        label="The foot is hidden by"
        value={foot.kind}
        onChange={(kind) => bench.dial("foot", { kind })}
        choices={[
          { value: "skirt", label: "a skirt" },
          { value: "blanket", label: "a blanket as snow" },
          { value: "collar", label: "a collar basket" },
          { value: "none", label: "nothing" },
        ]}
      />
      {cloth && (
        <div>
          <Typography variant="body2" id="cloth-share" sx={{ fontWeight: 600, color: "text.secondary" }}>
            Of the spread: {percent(foot.cover_share)}
          </Typography>
          <Slider
            size="small"
            aria-labelledby="cloth-share"
            value={foot.cover_share}
            min={0.5}
            max={1.2}
            step={0.05}
            onChange={(_, share) => bench.dial("foot", { cover_share: share as number })}
          />
        </div>
      )}
      {cloth && (
        <FigureValue
          label="Across"
          figure={plan.figures.skirt}
          note="Three quarters to the whole of the spread is usual"
        />
      )}
      <Typography variant="body2" color="textSecondary" className="whole-row">
        Presents keep off the walkway and never stand against a firebox.
      </Typography>
    </Dials>
  );
}
