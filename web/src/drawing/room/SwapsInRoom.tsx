import { useMemo } from "react";
import { CushionShape } from "../swaps/SoftShape";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

const SEAT_M = 0.45;
const GAP_M = 0.06;

/** Cushions side by side on their seat, small before the wall of the room. */
export function SwapsInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"swaps">) {
  const at = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const all = plan.drawing.seats.flatMap(({ cushions }) => cushions);
  const each = all.flatMap((cushion) => Array.from({ length: cushion.count }, () => cushion));
  const lefts = each.map((_, i) => each.slice(0, i).reduce((sum, { across_m }) => sum + across_m + GAP_M, 0));
  return (
    <svg width={at.width} height={at.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      {each.map((cushion, i) => (
        <CushionShape key={i} thing={cushion} x={at.x(lefts[i] ?? 0)} y={at.y(SEAT_M)} scale={at.scale} dusk={dusk} />
      ))}
    </svg>
  );
}
