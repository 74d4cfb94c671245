import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleChooser } from "../../../bench/StyleChooser";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { Tick } from "../../../parts/Tick";
import { counted } from "../../../units/format";
import { LAYOUTS } from "../words";
import { Closing } from "./Closing";
import { HourSelect } from "./HourSelect";
import type { DressingProps } from "./dressing";

/** Quarters of an hour can be turned to on the drawing as well. */
const TURNS = Array.from({ length: 48 }, (_, i) => i / 4);

/** Which arcs are dressed, how near the sites stand, what goes on them and between them. */
export function LayersStep({ bench, plan, piece, styles, onNewStyle }: DressingProps) {
  const { layers } = bench.draft.settings;
  return (
    <Dials>
      <ChoiceDial
        label="Layout by the clock"
        value={layers.layout}
        choices={LAYOUTS}
        onChange={(layout) => bench.dial("layers", { layout })}
      />
      <Tick label="Mirrored" checked={layers.mirrored} onChange={(mirrored) => bench.dial("layers", { mirrored })} />
      {layers.layout !== "all_round" && (
        <TextField
          select
          label="Turned clockwise"
          value={TURNS.includes(layers.turned_h) ? layers.turned_h : ""}
          onChange={(event) => bench.dial("layers", { turned_h: Number(event.target.value) })}
        >
          {TURNS.map((hours) => (
            <MenuItem key={hours} value={hours}>
              {hours === 0 ? "not turned" : counted(hours, "hour")}
            </MenuItem>
          ))}
        </TextField>
      )}
      {layers.layout === "crescent" && (
        <Box className="as-wide-as-it-is" sx={{ display: "flex", gap: 1 }}>
          <HourSelect label="From" value={layers.from_h} onChange={(from_h) => bench.dial("layers", { from_h })} />
          <HourSelect label="To" value={layers.to_h} onChange={(to_h) => bench.dial("layers", { to_h })} />
        </Box>
      )}
      <ChoiceDial
        label="Sites stand"
        value={layers.spacing}
        choices={{ full: "near, full", light: "apart, light" }}
        onChange={(spacing) => bench.dial("layers", { spacing })}
      />
      <FigureValue label="Sites" figure={plan.figures.sites} after="" />
      <FigureValue label="Between" figure={plan.figures.between} after="" />
      <FigureValue label="Fullness" figure={plan.figures.fullness} />
      <StyleSelect
        label="Between the sites"
        kinds={["ornament", "pick", "stem"]}
        styles={styles}
        value={layers.between}
        onChange={(between) => bench.dial("layers", { between })}
        none="nothing"
      />
      <Closing bench={bench} plan={plan} />
      <StyleChooser
        label="On the sites, in turn"
        kind="pick"
        styles={styles}
        lookId={piece.look_id}
        chosen={layers.picks}
        onChange={(picks) => bench.dial("layers", { picks })}
        onNew={() => onNewStyle("pick")}
      />
    </Dials>
  );
}
