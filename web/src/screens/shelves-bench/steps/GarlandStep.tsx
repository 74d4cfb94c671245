import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { StepProps } from "./StepDials";

type Garland = Schemas["ShelvesSettings"]["garland"];

/** A garland over shelves: from one nail at the top centre to both corners, and down. */
export function GarlandStep({ bench, plan, styles, onNewStyle }: StepProps) {
  const { garland, unit } = bench.draft.settings;
  const dial = (part: Partial<Garland>) => bench.dial("garland", part);
  const error = (name: keyof Garland) => bench.problem?.field(`/settings/garland/${name}`);
  if (unit.shape === "tray")
    return (
      <Dials>
        <Typography className="whole-row" variant="body2">
          A tray takes no garland; a bundle of stems over its edge softens it.
        </Typography>
      </Dials>
    );
  return (
    <Dials>
      <Tick label="A garland over it" checked={garland.hung} onChange={(hung) => dial({ hung })} />
      {garland.hung && (
        <>
          <StyleSelect
            label="Which garland"
            kinds={["garland"]}
            styles={styles}
            value={garland.style}
            onChange={(style) => dial({ style })}
            none="not chosen"
          />
          <LengthField
            label="It sags"
            value={garland.sag_m}
            error={error("sag_m")}
            onChange={(sag_m) => sag_m !== null && dial({ sag_m })}
          />
          <LengthField
            label="It falls at both sides"
            value={garland.drop_m}
            error={error("drop_m")}
            onChange={(drop_m) => drop_m !== null && dial({ drop_m })}
          />
          <FigureValue label="Garland" figure={plan.figures.garland} />
          <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("garland")}>
            Add a garland to the stock
          </Button>
        </>
      )}
    </Dials>
  );
}
