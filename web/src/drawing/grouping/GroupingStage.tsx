import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { useSize } from "../shared/useSize";
import { AboveView } from "./AboveView";
import { FillView } from "./FillView";
import { FrontView } from "./FrontView";
import { viewsOf, type Grouping, type Thing, type ViewName } from "./groupingViews";
import { SideView } from "./SideView";
import { HandlesOver, ThingHandles, type Moved } from "./ThingHandles";

interface Props {
  drawing: Grouping;
  dusk: boolean;
  units: Units;
  describe: string;
  /** Share of the surface that stays free. */
  free: number | null;
  /** Where there is no room for all views, the one that is shown. */
  view?: ViewName;
  closer?: boolean;
  onMove?: ((thing: Thing, to: Moved) => void) | undefined;
}

/** A grouping to scale: from the front, from the side with the eye, from above, and its fill close. */
export function GroupingStage({ drawing, dusk, units, describe, free, view = "front", closer = false, onMove }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const views = useMemo(() => viewsOf(size, drawing, view, closer), [size, drawing, view, closer]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const shared = { drawing, shades, dusk };
  const { front, side, above, fill } = views;
  const cells = front && side && above;
  const { surface, things = [] } = drawing;
  const held = { things, long_m: surface.length_m ?? 1, deep_m: surface.depth_m, from: "the wall", units };
  return (
    <>
      <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
        {size.width > 0 && (
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <rect width={size.width} height={size.height} fill={shades.wallBottom} />
            {front && <FrontView {...shared} at={front} units={units} />}
            {side && <SideView {...shared} at={side} units={units} />}
            {above && <AboveView {...shared} at={above} free={free} />}
            {fill && <FillView {...shared} at={fill} width={size.width - fill.left} units={units} />}
            {cells && (
              <path
                d={`M0,${side.top} H${size.width} M${above.left},${side.top} V${size.height} ${fill ? `M${fill.left},${side.top} V${size.height}` : ""}`}
                stroke={shades.line}
                fill="none"
              />
            )}
          </svg>
        )}
      </Box>
      {onMove && size.width > 0 && (
        <HandlesOver {...size}>
          {front && <ThingHandles {...held} at={front} deep={false} keys onMove={onMove} />}
          {above && <ThingHandles {...held} at={above} deep keys={!front} onMove={onMove} />}
        </HandlesOver>
      )}
    </>
  );
}
