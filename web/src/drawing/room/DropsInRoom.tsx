import { useMemo } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { LineShape } from "../drops/LineShape";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** Things on their lines as their bench draws them, small before the wall of the room. */
export function DropsInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"drops">) {
  const at = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { place, lines = [] } = plan.drawing;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  return (
    <svg width={at.width} height={at.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      {lines.map((line) => (
        <LineShape
          key={line.number}
          line={line}
          x={at.x(line.at_m)}
          y={at.y(place.hooks_m)}
          scale={at.scale}
          dusk={dusk}
          thread={shades.label}
        />
      ))}
    </svg>
  );
}
