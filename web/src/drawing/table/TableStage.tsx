import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { HandlesOver, ThingHandles, type Moved } from "../grouping/ThingHandles";
import { useSize } from "../shared/useSize";
import { TableAbove } from "./TableAbove";
import { TableAcross } from "./TableAcross";
import { TableAlong } from "./TableAlong";
import { TablePlace } from "./TablePlace";
import { standing, viewsOf, type State, type Table, type Thing, type ViewName } from "./tableViews";

interface Props {
  drawing: Table;
  dusk: boolean;
  units: Units;
  describe: string;
  state?: State;
  /** Where there is no room for all views, the one that is shown. */
  view?: ViewName;
  onMove?: ((thing: Thing, to: Moved) => void) | undefined;
}

/** A table to scale: from above, across with those who sit, along, and one place close. */
export function TableStage({ drawing, dusk, units, describe, state = "show", view = "above", onMove }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const views = useMemo(() => viewsOf(size, drawing, view), [size, drawing, view]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const shared = { drawing, shades, dusk, units, state };
  const { above, across, along, place } = views;
  const { table } = drawing;
  const held = {
    things: standing(drawing, state),
    long_m: table.length_m ?? 1,
    deep_m: table.width_m ?? 1,
    from: "the near edge",
    units,
  };
  return (
    <>
      <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
        {size.width > 0 && (
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <rect width={size.width} height={size.height} fill={shades.wallBottom} />
            {above && <TableAbove {...shared} at={above} />}
            {across && <TableAcross {...shared} at={across} />}
            {along && <TableAlong {...shared} at={along} />}
            {place && <TablePlace {...shared} at={place} width={size.width - place.left} />}
            {above && across && along && place && (
              <path
                d={`M0,${across.top} H${size.width} M${along.left},${across.top} V${size.height} M${place.left},${across.top} V${size.height}`}
                stroke={shades.line}
                fill="none"
              />
            )}
          </svg>
        )}
      </Box>
      {onMove && size.width > 0 && (
        <HandlesOver {...size}>
          {above && <ThingHandles {...held} at={above} deep keys onMove={onMove} />}
          {along && <ThingHandles {...held} at={along} deep={false} keys={!above} onMove={onMove} />}
        </HandlesOver>
      )}
    </>
  );
}
