import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useLayoutEffect, useRef, type ReactNode } from "react";
import { freshCanvas } from "../../drawing/shared/freshCanvas";
import { useSize, type StageSize } from "../../drawing/shared/useSize";
import { paintDimTree, type Hung } from "../../drawing/tree/paintDimTree";
import type { Projection } from "../../drawing/tree/projection";
import { drawing } from "../../theme/tokens";
import type { Sheet } from "./progress";
import { silhouetteOf, treeFrame } from "./treeFrame";

interface Props {
  piece: Sheet["pieces"][number];
  hung: Hung[];
  /** Pixels at the right that stay free of it. */
  beside: (size: StageSize) => number;
  /** What is marked over it. */
  children?: (projection: Projection) => ReactNode;
}

/** A tree as it stands there now, with what hangs on it. */
export function TreeAtWork({ piece, hung, beside, children }: Props) {
  const { palette } = useTheme();
  const box = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const size = useSize(box);
  const dusk = palette.mode === "dark";
  const shades = drawing[dusk ? "dusk" : "day"];
  const { portrait, riser_m } = piece;
  const right = beside(size);
  const projection = portrait && size.width > 0 ? treeFrame(size, portrait, right) : null;
  // What hangs is another list each time, and says the same.
  const said = JSON.stringify(hung);
  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, size);
    if (!fresh || !portrait) return;
    const { context, pixels } = fresh;
    const now = treeFrame(size, portrait, right);
    context.fillStyle = shades.floor;
    context.fillRect(0, now.floor, size.width, size.height - now.floor);
    paintDimTree(context, {
      silhouette: silhouetteOf(portrait, riser_m ?? 0),
      base: riser_m ?? 0,
      projection: now,
      dusk,
      hung: JSON.parse(said) as Hung[],
      pixels,
    });
    for (const { part, points } of portrait.shapes) {
      if (part === "foliage") continue;
      context.beginPath();
      for (const [across = 0, up = 0] of points)
        context.lineTo(now.middle + across * now.scale, now.floor - up * now.scale);
      context.closePath();
      context.fillStyle = part === "topper" ? palette.tokens.plum : shades.stand;
      context.fill();
    }
  }, [size, portrait, riser_m, dusk, said, right, shades, palette]);

  return (
    <Box
      ref={box}
      sx={{
        flex: 1,
        minHeight: 190,
        position: "relative",
        overflow: "hidden",
        background: `linear-gradient(${shades.wallTop}, ${shades.wallBottom})`,
      }}
    >
      <canvas ref={canvas} aria-hidden style={{ position: "absolute", inset: 0, width: "100%", height: "100%" }} />
      <svg width={size.width} height={size.height} aria-hidden style={{ position: "absolute", inset: 0 }}>
        {projection && children?.(projection)}
      </svg>
    </Box>
  );
}
