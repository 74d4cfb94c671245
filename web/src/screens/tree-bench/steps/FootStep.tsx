import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { useHints } from "../../../api/queries";
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
  const hint = useHints();
  const cloth = foot.kind === "skirt" || foot.kind === "blanket";
  return (
    <Dials>
      <ChoiceDial
        label="The foot is hidden by"
        value={foot.kind}
        onChange={(kind) => bench.dial("foot", { kind })}
        choices={{ skirt: "a skirt", blanket: "a blanket as snow", collar: "a collar basket", none: "nothing" }}
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
      {cloth && <FigureValue label="Across" figure={plan.figures.skirt} note={hint("tree/foot/cover_share")} />}
      <ChoiceDial
        label="Stand"
        value={foot.stand}
        onChange={(stand) => bench.dial("foot", { stand })}
        choices={{ fixed: "fixed", rotating: "rotating" }}
      />
      <LengthField
        label="Opening of basket or collar"
        value={foot.opening_m}
        onChange={(opening_m) => bench.dial("foot", { opening_m })}
        help="Against the leg span of the stand"
        placeholder={0.55}
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
