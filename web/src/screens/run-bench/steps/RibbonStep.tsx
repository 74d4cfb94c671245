import { Dials } from "../../../bench/Dials";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import type { StepProps } from "./StepDials";
import { StyleSelect } from "../../../bench/StyleSelect";

/** Ribbon along the run: woven, in loops, or in bows at the joins. */
export function RibbonStep({ bench, styles }: StepProps) {
  const { ribbon } = bench.draft.settings;
  return (
    <Dials>
      <ChoiceDial
        label="Ribbon goes on"
        value={ribbon.method}
        choices={{ none: "not at all", weave: "woven along", loops: "in loops", bows: "as bows at the joins" }}
        onChange={(method) => bench.dial("ribbon", { method })}
      />
      {ribbon.method !== "none" && (
        <StyleSelect
          label="Ribbon"
          kinds={["ribbon"]}
          styles={styles}
          value={ribbon.style}
          onChange={(style) => bench.dial("ribbon", { style })}
          none="not chosen"
        />
      )}
      {ribbon.method === "loops" && (
        <>
          <LengthField
            label="Loop width"
            value={ribbon.chord_m}
            onChange={(chord_m) => chord_m !== null && bench.dial("ribbon", { chord_m })}
          />
          <LengthField
            label="Loop stand"
            value={ribbon.stand_m}
            onChange={(stand_m) => stand_m !== null && bench.dial("ribbon", { stand_m })}
          />
        </>
      )}
    </Dials>
  );
}
