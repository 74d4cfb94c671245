import { useMemo } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { Row } from "../stockings/StockingsStage";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** Stockings in their row as their bench draws them, small before the wall of the room. */
export function StockingsInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"stockings">) {
  const at = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { place } = plan.drawing;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  return (
    <svg width={at.width} height={at.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      <line
        x1={at.x(0)}
        x2={at.x(place.length_m ?? 0)}
        y1={at.y(place.height_m)}
        y2={at.y(place.height_m + place.rise_m)}
        stroke={shades.stand}
        strokeWidth={Math.max(0.05 * at.scale, 2)}
      />
      <Row drawing={plan.drawing} at={at} dusk={dusk} />
    </svg>
  );
}
