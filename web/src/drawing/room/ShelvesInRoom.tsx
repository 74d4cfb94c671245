import { useMemo } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { UnitDressed } from "../shelves/ShelvesFront";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** Shelves as their bench draws them from the front, small before the wall of the room. */
export function ShelvesInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"shelves">) {
  const at = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  return (
    <svg width={at.width} height={at.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      <UnitDressed drawing={plan.drawing} at={at} shades={shadesOf[dusk ? "dusk" : "day"]} dusk={dusk} />
    </svg>
  );
}
