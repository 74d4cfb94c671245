import { useLayoutEffect, useMemo, useRef } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { freshCanvas } from "../shared/freshCanvas";
import { HostShape } from "../wreath/HostDrawing";
import { isWhole, paintWreath } from "../wreath/paintWreath";
import { about } from "../wall/wallProjection";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** A wreath as its bench draws it, on what it hangs on, small before its wall. */
export function WreathInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"wreath">) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  // Its drawing counts from the middle of what it hangs on.
  const at = useMemo(() => about(frame, middle), [frame, middle]);
  const { drawing } = plan;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, frame);
    if (!fresh || !isWhole(drawing)) return;
    paintWreath({ drawing, at, dusk, pixels: fresh.pixels }, fresh.context, shades);
  }, [drawing, at, dusk, frame, shades]);
  const { width, height } = frame;
  return (
    <>
      <svg width={width} height={height} style={{ position: "absolute", inset: 0 }} aria-hidden>
        <HostShape host={drawing.host} at={at} shades={shades} dusk={dusk} />
      </svg>
      <canvas ref={canvas} style={{ width, height, position: "absolute", inset: 0 }} />
    </>
  );
}
