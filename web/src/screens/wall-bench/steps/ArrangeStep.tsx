import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthDial } from "../../../parts/LengthDial";
import { LengthField } from "../../../parts/LengthField";
import { NumberField } from "../../../parts/NumberField";
import { counted, length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { ARRANGEMENTS } from "../words";
import type { StepProps } from "./StepDials";

const FREE = ["row", "two_rows", "staggered", "cluster"];

/** How they hang together: the arrangement, what is between them, how high, how far they overlap. */
export function ArrangeStep({ bench, plan }: StepProps) {
  const { arrange, wall, wreaths } = bench.draft.settings;
  const units = useUnits();
  const error = (name: keyof typeof arrange) => bench.problem?.field(`/settings/arrange/${name}`);
  const free = FREE.includes(arrange.arrangement);
  const middle = plan.figures.middle ? Number(plan.figures.middle.value) : 1.5;
  const fitting = new Set(plan.drawing.rings?.map(({ said }) => said));
  const fits = fitting.size;
  return (
    <Dials>
      <ChoiceDial
        label="Arrangement"
        value={arrange.arrangement}
        choices={ARRANGEMENTS}
        onChange={(arrangement) => bench.dial("arrange", { arrangement })}
      />
      {plan.left_out.length > 0 && free && fits > 0 && (
        <Button
          size="small"
          variant="outlined"
          className="as-wide-as-it-is"
          onClick={() => bench.dial("wreaths", { hung: wreaths.hung.filter((_, i) => fitting.has(i)) })}
        >
          Hang the {counted(fits, "wreath")} that fit
        </Button>
      )}
      {arrange.arrangement !== "openings" && (
        <LengthField
          label={arrange.arrangement === "flanking" ? "From the edge of it" : "Between them"}
          placeholder={arrange.arrangement === "flanking" ? length(0.1, units) : length(plan.assumed.gap_m, units)}
          value={arrange.gap_m}
          error={error("gap_m")}
          onChange={(gap_m) => bench.dial("arrange", { gap_m })}
        />
      )}
      {plan.chosen && (
        <LengthDial
          label="Middle above the floor"
          value={middle}
          from={0.2}
          to={wall.height_m}
          step={0.01}
          error={error("middle_m")}
          onChange={(middle_m) => bench.dial("arrange", { middle_m })}
        />
      )}
      {free && (
        <NumberField
          label="Overlap, percent of a wreath"
          value={Math.round(arrange.overlap * 100)}
          error={error("overlap")}
          onChange={(percent) => percent !== null && bench.dial("arrange", { overlap: percent / 100 })}
        />
      )}
      <FigureValue label="Clear between" figure={plan.figures.gap} />
      <FigureValue label="The nearest lap by" figure={plan.figures.lap} />
      <FigureValue label="Group, across" figure={plan.figures.across} />
      <Typography variant="body2" color="textSecondary" className="whole-row">
        Take hold of a wreath on the drawing to move all of them; the rest space themselves.
      </Typography>
    </Dials>
  );
}
