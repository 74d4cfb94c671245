import Box from "@mui/material/Box";
import { useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { closerBy, Pinch, pinchedBy } from "../shared/closer";
import { freshCanvas } from "../shared/freshCanvas";
import { useSize } from "../shared/useSize";
import { ArcHandles, type ArcHandle } from "./ArcHandles";
import { HostDrawing } from "./HostDrawing";
import { isWhole, paintWreath } from "./paintWreath";
import { SwungLeaf } from "./SwungLeaf";
import { WreathMarks } from "./WreathMarks";
import { projectWreath } from "./wreathProjection";

interface Props {
  drawing: Schemas["WreathDrawing"];
  dusk: boolean;
  units: Units;
  describe: string;
  hook: boolean;
  layout: string;
  handles?: ArcHandle[];
  /** A pair of doors with its leaf swung, and how far the wreath stands off it. */
  swung?: { depth: number } | null;
  /** Whether the ring fills the stage, or all it hangs on is seen beside it; and how that is changed. */
  closer?: boolean;
  onCloser?: (closer: boolean) => void;
}

const NONE: ArcHandle[] = [];

/** A wreath where it hangs: the whole to scale at the left, the ring close at the right, on the ground it must read against. */
export function WreathStage({
  drawing,
  dusk,
  units,
  describe,
  hook,
  layout,
  handles = NONE,
  swung = null,
  closer = false,
  onCloser,
}: Props) {
  const box = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const size = useSize(box);
  const [pinch] = useState(() => new Pinch());
  const views = useMemo(() => projectWreath(size, drawing, closer), [size, drawing, closer]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const part = { host: drawing.host, drawing, shades, dusk };

  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, size);
    if (!fresh) return;
    const { context, pixels } = fresh;
    if (!isWhole(drawing)) return;
    for (const at of [views.whole, views.close])
      if (at.width > 0) paintWreath({ drawing, at, dusk, pixels }, context, shadesOf[dusk ? "dusk" : "day"]);
  }, [drawing, views, dusk, size]);

  return (
    <Box
      ref={box}
      role="img"
      aria-label={describe}
      sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}
      {...pinchedBy(pinch, onCloser)}
      {...closerBy(closer, onCloser)}
    >
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            {views.whole.width > 0 && <HostDrawing {...part} id="whole" at={views.whole} />}
            {drawing.ring && <HostDrawing {...part} id="close" at={views.close} />}
            {drawing.ring && views.whole.width > 0 && (
              <line x1={views.close.left} x2={views.close.left} y1={0} y2={size.height} stroke={shades.line} />
            )}
          </svg>
          <canvas ref={canvas} style={{ position: "absolute", inset: 0, width: size.width, height: size.height }} />
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <WreathMarks drawing={drawing} views={views} dusk={dusk} units={units} hook={hook} layout={layout} />
            {swung && <SwungLeaf drawing={drawing} at={views.close} depth={swung.depth} dusk={dusk} />}
            {drawing.ring && <ArcHandles handles={handles} ring={drawing.ring} at={views.close} dusk={dusk} />}
          </svg>
        </>
      )}
    </Box>
  );
}
