import Box from "@mui/material/Box";
import { useLayoutEffect, useMemo, useRef, useState } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { closerBy, Pinch, pinchedBy } from "../shared/closer";
import { freshCanvas } from "../shared/freshCanvas";
import { useSize } from "../shared/useSize";
import { paintWreath } from "../wreath/paintWreath";
import { ringDrawing } from "./ringDrawing";
import { RingHandles, type Rearranging } from "./RingHandles";
import { WallGround } from "./WallGround";
import { HookPins, WallMarks } from "./WallMarks";
import { about, hasPerson, projectWall, type Wall } from "./wallProjection";

interface Props {
  drawing: Wall;
  dusk: boolean;
  units: Units;
  describe: string;
  hooks: boolean;
  /** How a drag arranges them anew; not where they are only looked at. */
  rearranging?: Rearranging | null;
  /** Whether the group fills the stage, or all of the wall is seen; and how that is changed. */
  closer?: boolean;
  onCloser?: (closer: boolean) => void;
}

/** A wall of wreaths to scale, with a person beside it: every ring as it is dressed, its hook and the measures to it. */
export function WallStage({
  drawing,
  dusk,
  units,
  describe,
  hooks,
  rearranging = null,
  closer = false,
  onCloser,
}: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const size = useSize(frame);
  const [pinch] = useState(() => new Pinch());
  const views = useMemo(() => projectWall(size, drawing, closer), [size, drawing, closer]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const rings = drawing.rings ?? [];

  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, size);
    if (!fresh) return;
    const { context, pixels } = fresh;
    const behind = [...(drawing.rings ?? [])].sort((one, other) => one.layer - other.layer);
    for (const ring of behind) {
      const whole = ringDrawing(drawing, ring);
      if (!whole) continue;
      for (const at of [views.whole, views.close])
        if (at)
          paintWreath(
            { drawing: whole, at: about(at, ring.left_m), dusk, pixels },
            context,
            shadesOf[dusk ? "dusk" : "day"],
          );
    }
  }, [drawing, views, dusk, size]);
  const { whole, close } = views;
  const near = close ?? whole;
  const ground = { drawing, shades, dusk };

  return (
    <Box
      ref={frame}
      role="img"
      aria-label={describe}
      sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}
      {...pinchedBy(pinch, onCloser)}
      {...closerBy(closer, onCloser)}
    >
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            {whole && <WallGround id="whole" {...ground} at={whole} person={hasPerson(size)} />}
            {close && <WallGround id="close" {...ground} at={close} person={false} />}
            {whole && close && <line x1={close.left} x2={close.left} y1={0} y2={size.height} stroke={shades.line} />}
          </svg>
          <canvas ref={canvas} style={{ position: "absolute", inset: 0, width: size.width, height: size.height }} />
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            {whole && <WallMarks drawing={drawing} at={whole} dusk={dusk} units={units} ruler={hooks} />}
            {hooks && near && <HookPins rings={rings} at={near} dusk={dusk} />}
            {rearranging && near && <RingHandles rings={rings} at={near} rearranging={rearranging} />}
          </svg>
        </>
      )}
    </Box>
  );
}
