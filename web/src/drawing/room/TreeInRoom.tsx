import { useLayoutEffect, useMemo, useRef } from "react";
import { freshCanvas } from "../shared/freshCanvas";
import { drawnStyles } from "../tree/drawnStyles";
import { growFoliage } from "../tree/foliage";
import { layTree, paintTree } from "../tree/paintTree";
import { whole } from "../tree/wholeTree";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

/** A tree as its bench draws it, small before its wall. */
export function TreeInRoom(drawn: DrawnInRoom<"tree">) {
  const { plan, styles, dusk, scale, middle, left, right, top } = drawn;
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { drawing } = plan;
  const chosen = plan.settings.ornaments.styles;
  const known = useMemo(() => drawnStyles(styles, chosen), [styles, chosen]);
  const rows = useMemo(() => (drawing.tree ? growFoliage(drawing.tree.silhouette) : []), [drawing.tree]);
  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, frame);
    if (!fresh || !whole(drawing)) return;
    const scene = { drawing, rows, styles: known, dusk, pixels: fresh.pixels };
    const projection = { ...frame, middle: frame.x(0), floor: frame.y(0) };
    paintTree(scene, layTree(scene, scale), { context: fresh.context, projection, turn: 0 }, null);
    if (dusk) fadeOut(fresh.context, frame, scale);
  }, [drawing, rows, known, dusk, frame, scale]);
  return <canvas ref={canvas} style={{ width: frame.width, height: frame.height, display: "block" }} />;
}

/** Its glow reaches farther than its box; it ends softly there, metres. */
const SOFT = 0.5;

function fadeOut(
  context: CanvasRenderingContext2D,
  { width, height }: { width: number; height: number },
  scale: number,
) {
  const soft = Math.min((SOFT * scale) / width, 0.5);
  const light = context.createLinearGradient(0, 0, width, 0);
  light.addColorStop(0, "transparent");
  light.addColorStop(soft, "black");
  light.addColorStop(1 - soft, "black");
  light.addColorStop(1, "transparent");
  context.globalCompositeOperation = "destination-in";
  context.fillStyle = light;
  context.fillRect(0, 0, width, height);
  context.globalCompositeOperation = "source-over";
}
