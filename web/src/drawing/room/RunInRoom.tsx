import { useLayoutEffect, useMemo, useRef } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { paintRun } from "../run/paintRun";
import { RunSupport } from "../run/RunSetting";
import { freshCanvas } from "../shared/freshCanvas";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** A run as its bench draws it, with what it is on, small before its wall. */
export function RunInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"run">) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { drawing } = plan;
  const bodies = useMemo(() => [...new Set(plan.settings.body.bodies.map(({ style }) => style))], [plan]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, frame);
    if (!fresh || !plan.chosen) return;
    paintRun({ drawing, bodies, projection: frame, dusk, pixels: fresh.pixels }, fresh.context, shades);
  }, [drawing, bodies, dusk, frame, plan.chosen, shades]);
  const { width, height } = frame;
  return (
    <>
      <svg width={width} height={height} style={{ position: "absolute", inset: 0 }} aria-hidden>
        <RunSupport drawing={drawing} at={frame} shades={shades} />
      </svg>
      <canvas ref={canvas} style={{ width, height, position: "absolute", inset: 0 }} />
    </>
  );
}
