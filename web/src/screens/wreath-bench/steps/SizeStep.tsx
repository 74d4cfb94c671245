import Button from "@mui/material/Button";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { HungBefore } from "../../../bench/HungBefore";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthDial } from "../../../parts/LengthDial";
import { LengthField } from "../../../parts/LengthField";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

/** How large it may be, what of the stock fits, and how high it hangs. */
export function SizeStep({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { size, place } = bench.draft.settings;
  const units = useUnits();
  const { choice } = plan;
  const error = (name: keyof typeof size) => bench.problem?.field(`/settings/size/${name}`);
  return (
    <Dials>
      <FigureValue label="At least" figure={plan.figures.low} />
      <FigureValue label="At most" figure={plan.figures.high} />
      <FigureValue label="Opening, at least" figure={plan.figures.opening} />
      <FigureValue label="Across" figure={plan.figures.outer} />
      <StyleSelect
        label="From stock"
        kinds={["wreath"]}
        styles={styles}
        value={size.style}
        onChange={(style) => bench.dial("size", { style, outer_m: null, inner_m: null })}
        none="not chosen"
      />
      {choice && choice.style !== size.style && (
        <Button
          size="small"
          variant="outlined"
          className="as-wide-as-it-is"
          onClick={() => bench.dial("size", { style: choice.style, outer_m: null, inner_m: null })}
        >
          Take {choice.name}, {length(choice.outer_m, units)}:{" "}
          {place.host === "lying" ? "goes round it" : "nearest the middle"}
        </Button>
      )}
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("wreath")}>
        Add a wreath or ring
      </Button>
      <LengthField
        label="Another size, across"
        placeholder="as found"
        value={size.outer_m}
        error={error("outer_m")}
        onChange={(outer_m) => bench.dial("size", { outer_m })}
      />
      <LengthField
        label="Opening"
        placeholder="half of it"
        value={size.inner_m}
        error={error("inner_m")}
        onChange={(inner_m) => bench.dial("size", { inner_m })}
      />
      <LengthField
        label="Stands off"
        value={size.depth_m}
        error={error("depth_m")}
        onChange={(depth_m) => depth_m !== null && bench.dial("size", { depth_m })}
      />
      {plan.drawing.ring && place.host !== "lying" && (
        <LengthDial
          label="Centre above the floor"
          value={size.centre_m ?? plan.drawing.ring.centre_m}
          from={plan.drawing.host.floor_m + plan.drawing.ring.outer_m / 2}
          to={plan.drawing.host.floor_m + plan.drawing.host.height_m - plan.drawing.ring.outer_m / 2}
          step={0.01}
          error={error("centre_m")}
          onChange={(centre_m) => bench.dial("size", { centre_m })}
        />
      )}
      <HungBefore style={size.style} home={piece.home.id} />
    </Dials>
  );
}
