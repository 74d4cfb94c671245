import { useLayoutEffect, useMemo, useRef } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { paintRun } from "../run/paintRun";
import { RunSupport } from "../run/RunSetting";
import { freshCanvas, paintAside } from "../shared/freshCanvas";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** A run as its bench draws it, with what it is on, small before its wall. */
export function RunInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"run">) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { drawing } = plan;
  const bodies = useMemo(() => [...new Set(plan.settings.body.bodies.map(({ style }) => style))], [plan]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  useLayoutEffect(() => {
    if (plan.chosen)
      return paintAside(canvas.current, frame, (context, pixels) =>
        paintRun({ drawing, bodies, projection: frame, dusk, pixels }, context, shades),
      );
    freshCanvas(canvas.current, frame);
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
