import { useLayoutEffect, useMemo, useRef } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { freshCanvas } from "../shared/freshCanvas";
import { hostOf, ringDrawing } from "../wall/ringDrawing";
import { about } from "../wall/wallProjection";
import { HostShape } from "../wreath/HostDrawing";
import { paintWreath } from "../wreath/paintWreath";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** A wall of wreaths as its bench draws it, in its openings, small before the wall of the room. */
export function WallInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"wall">) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { drawing } = plan;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, frame);
    if (!fresh) return;
    for (const ring of [...(drawing.rings ?? [])].sort((one, other) => one.layer - other.layer)) {
      const drawn = ringDrawing(drawing, ring);
      if (drawn)
        paintWreath(
          { drawing: drawn, at: about(frame, ring.left_m), dusk, pixels: fresh.pixels },
          fresh.context,
          shades,
        );
    }
  }, [drawing, dusk, frame, shades]);
  const { width, height } = frame;
  return (
    <>
      <svg width={width} height={height} style={{ position: "absolute", inset: 0 }} aria-hidden>
        {(drawing.openings ?? []).map((opening) => (
          <HostShape
            key={opening.left_m}
            host={hostOf(opening, drawing.wall.colour)}
            at={about(frame, opening.left_m + opening.width_m / 2)}
            shades={shades}
            dusk={dusk}
          />
        ))}
      </svg>
      <canvas ref={canvas} style={{ width, height, position: "absolute", inset: 0 }} />
    </>
  );
}
