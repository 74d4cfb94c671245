import { useMemo } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { shade } from "../shared/shade";
import { ThingsFront } from "../grouping/FrontView";
import type { View } from "../grouping/groupingViews";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

const TOP_M = 0.03;

/** A grouping as its bench draws it from the front, small before the wall of the room. */
export function GroupingInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"grouping">) {
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { drawing } = plan;
  const { surface } = drawing;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const at: View = { ...frame, y: (metres) => frame.y(metres + surface.height_m) };
  return (
    <svg width={frame.width} height={frame.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      <rect
        x={at.x(0)}
        y={at.y(0)}
        width={(surface.length_m ?? 0) * at.scale}
        height={Math.max(TOP_M * at.scale, 1.5)}
        fill={shade(surface.top_colour, dusk ? -0.6 : 0)}
      />
      <ThingsFront drawing={drawing} at={at} shades={shades} dusk={dusk} />
    </svg>
  );
}
