import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import type { StepProps } from "./StepDials";

/** A bead, bell or paper garland: round the tree, or one swag across its front. */
export function Garland({ bench, plan, styles }: Pick<StepProps, "bench" | "plan" | "styles">) {
  const { ribbon } = bench.draft.settings;
  const field = (name: "garland_pitch_m" | "garland_width_m" | "garland_sag_m", label: string) => (
    <LengthField
      label={label}
      value={ribbon[name]}
      onChange={(metres) => metres !== null && bench.dial("ribbon", { [name]: metres })}
      error={bench.problem?.field(`/settings/ribbon/${name}`)}
    />
  );
  return (
    <>
      <ChoiceDial
        label="Garland on the tree"
        value={ribbon.garland}
        onChange={(garland) => bench.dial("ribbon", { garland })}
        choices={{ none: "no garland", turns: "round and round", swag: "one swag" }}
      />
      {ribbon.garland !== "none" && (
        <>
          <FigureValue label="Garland" figure={plan.figures.garland} />
          <StyleSelect
            label="Which garland"
            kinds={["garland"]}
            styles={styles}
            value={ribbon.garland_style}
            onChange={(garland_style) => bench.dial("ribbon", { garland_style })}
            none="not chosen"
          />
        </>
      )}
      {ribbon.garland === "turns" && field("garland_pitch_m", "Between its turns")}
      {ribbon.garland === "swag" && (
        <>
          {field("garland_width_m", "Width of the swag")}
          {field("garland_sag_m", "Sag of the swag")}
        </>
      )}
    </>
  );
}
