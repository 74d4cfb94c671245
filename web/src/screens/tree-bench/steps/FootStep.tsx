import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { percent } from "../../../units/format";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";

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
      <ChoiceDial
        label="Stand"
        value={foot.stand}
        onChange={(stand) => bench.dial("foot", { stand })}
        choices={[
          { value: "fixed", label: "fixed" },
          { value: "rotating", label: "rotating" },
        ]}
      />
      <LengthField
        label="Opening of basket or collar"
        value={foot.opening_m}
        onChange={(opening_m) => bench.dial("foot", { opening_m })}
        help="Against the leg span of the stand"
        placeholder="55 cm"
      />
      <FigureValue label="Tips at" figure={plan.figures.tip_angle} size="small" />
      <Tick
        label="Presents under it"
        checked={foot.presents}
        onChange={(presents) => bench.dial("foot", { presents })}
      />
      <Tick
        label="Tied back to the wall"
        checked={foot.tied_back}
        onChange={(tied_back) => bench.dial("foot", { tied_back })}
      />
      <Typography variant="body2" color="textSecondary" className="whole-row">
        Presents keep off the walkway and never stand against a firebox.
      </Typography>
    </Dials>
  );
}
