import { useMemo } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { JarShape } from "../drinks/JarShape";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** A drink corner as its bench draws it from the front, small before the wall of the room. */
export function DrinksInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"drinks">) {
  const at = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { place, jars = [], bow } = plan.drawing;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  return (
    <svg width={at.width} height={at.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      <rect
        x={at.x(0)}
        y={at.y(place.height_m)}
        width={(place.length_m ?? 0) * at.scale}
        height={Math.max(0.04 * at.scale, 1.5)}
        fill={shades.stand}
      />
      {jars.map((jar) => (
        <JarShape
          key={jar.number}
          jar={jar}
          x={at.x(jar.left_m)}
          y={at.y(place.height_m)}
          scale={at.scale}
          dusk={dusk}
          bow={bow}
        />
      ))}
    </svg>
  );
}
