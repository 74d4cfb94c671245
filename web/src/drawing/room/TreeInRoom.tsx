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
  }, [drawing, rows, known, dusk, frame, scale]);
  return <canvas ref={canvas} style={{ width: frame.width, height: frame.height, display: "block" }} />;
}
