import Button from "@mui/material/Button";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { ColourDial } from "../../../parts/ColourDial";
import { LengthDial } from "../../../parts/LengthDial";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Runner = Schemas["TableSettings"]["runner"];

const OVERHANG = declared.table.runner.overhang_m;
/** As far as the slider goes; the field takes more, metres. */
const OVER_M = 0.5;

/** Cloth over both ends, or greens between those who sit; a fairy string along it. */
export function RunnerStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { runner } = bench.draft.settings;
  const units = useUnits();
  const dial = (part: Partial<Runner>) => bench.dial("runner", part);
  const error = (name: keyof Runner) => bench.problem?.field(`/settings/runner/${name}`);
  const greens = runner.kind === "greens";
  return (
    <Dials>
      <ChoiceDial
        label="Along the middle"
        value={runner.kind}
        choices={{ none: "nothing", cloth: "cloth", greens: "greens" }}
        onChange={(kind) =>
          // What was refused does not stay behind where its dial is gone.
          dial({ kind, style: null, width_m: null, overhang_m: Math.min(runner.overhang_m, OVERHANG.high) })
        }
      />
      {runner.kind !== "none" && (
        <>
          <StyleSelect
            label="From stock"
            kinds={greens ? ["garland"] : ["decor", "ribbon"]}
            styles={styles}
            value={runner.style}
            onChange={(style) => dial({ style })}
            none="not chosen"
          />
          <LengthDial
            label="Over each end"
            value={runner.overhang_m}
            from={0}
            to={OVER_M}
            step={0.01}
            error={error("overhang_m")}
            onChange={(overhang_m) => dial({ overhang_m })}
          />
          <LengthField
            label="Wide"
            placeholder={plan.assumed.runner_width_m === undefined ? "" : length(plan.assumed.runner_width_m, units)}
            value={runner.width_m}
            error={error("width_m")}
            onChange={(width_m) => dial({ width_m })}
          />
          <ColourDial
            label="Its colour"
            value={runner.colour ?? plan.assumed.runner_colour}
            onChange={(colour) => dial({ colour })}
            error={error("colour")}
          />
        </>
      )}
      <Tick label="Fairy lights along it" checked={runner.lit} onChange={(lit) => dial({ lit })} />
      {runner.lit && (
        <StyleSelect
          label="Fairy lights"
          kinds={["light"]}
          styles={styles}
          value={runner.lights}
          onChange={(lights) => dial({ lights })}
          none="not chosen"
        />
      )}
      <FigureValue label="From end to end" figure={plan.figures.runner} />
      <FigureValue label="As wide as" figure={plan.figures.runner_width} />
      <FigureValue label="Before each guest" figure={plan.figures.depth} />
      <FigureValue label="Strings" figure={plan.figures.strings} />
      <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle(greens ? "garland" : "decor")}>
        Add a runner to the stock
      </Button>
    </Dials>
  );
}
