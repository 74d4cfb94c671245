import Box from "@mui/material/Box";
import { useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { GhostTree, type Ghost } from "./GhostTree";
import { growFoliage } from "./foliage";
import type { FoliageSprites } from "./foliageSprites";
import type { DrawnStyle } from "../shared/paintOrnament";
import { paintLook } from "./paintLook";
import { foliageKey, layTree, paintTree, prepareFoliage, type TreeScene } from "./paintTree";
import { pointAt } from "./pointAt";
import { project } from "./projection";
import type { Units } from "../../units/format";
import { day, evening } from "../../theme/tokens";
import type { Turn } from "./turn";
import { TreeDimensions } from "./TreeDimensions";
import { TreeRoom } from "./TreeRoom";
import { whole } from "./wholeTree";
import { closerBy, Pinch } from "../shared/closer";
import { useSize } from "../shared/useSize";

type Drawing = Schemas["TreeDrawing"];

interface Props {
  drawing: Drawing;
  styles: Map<string, DrawnStyle>;
  dusk: boolean;
  units: Units;
  turn: Turn;
  /** The best size of a place that has no tree yet, drawn as an outline. */
  ghost: Ghost | null;
  describe: string;
  /** What stepping back found, drawn over the tree. */
  look?: Schemas["StepBack"] | undefined;
  /** Whether the tree fills the stage, or the whole room is seen; and how that is changed. */
  closer?: boolean;
  onCloser?: (closer: boolean) => void;
  /** Says what an ornament is that is pointed at. */
  tell?: (site: Schemas["OrnamentSite"]) => string;
}

/** A tree in its room, drawn to scale from computed geometry. Drag or use the turn keys; the server is asked nothing. */
export function TreeStage({
  drawing,
  styles,
  dusk,
  units,
  turn,
  ghost,
  describe,
  look,
  tell,
  closer = false,
  onCloser,
}: Props) {
  const [pointed, setPointed] = useState<ReturnType<typeof pointAt>>(null);
  const [pinch] = useState(() => new Pinch());
  const box = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const size = useSize(box);
  const { room, tree } = drawing;
  const near = closer && tree !== null && tree !== undefined;
  const top = tree ? tree.base_m + tree.height_m + tree.topper_rise_m : 0;
  const high = near ? top : Math.max(Math.max(room.ceiling_left_m, room.ceiling_right_m), top + 0.1);
  const side = near ? tree.spread_m / 2 + 0.3 : Math.max((tree?.spread_m ?? 1) / 2 + 0.75, 1.2);
  const toLeft = room.at_m;
  const toRight = room.width_m - room.at_m;
  const projection = useMemo(() => project(size, { high, side, toLeft, toRight }), [size, high, side, toLeft, toRight]);
  const silhouette = JSON.stringify(tree?.silhouette ?? null);
  const rows = useMemo(
    () => (silhouette === "null" ? [] : growFoliage(JSON.parse(silhouette) as number[][])),
    [silhouette],
  );

  const foliage = useRef<FoliageSprites | null>(null);
  const shown = useRef(false);

  // Before the browser paints, so that figures and drawing change in the same frame.
  useLayoutEffect(() => {
    const element = canvas.current;
    const context = element?.getContext("2d");
    if (!element || !context || size.width === 0) return;
    const pixels = window.devicePixelRatio || 1;
    const scene: TreeScene | null = whole(drawing) ? { drawing, rows, styles, dusk, pixels } : null;
    const layers = scene && layTree(scene, projection.scale);
    let waiting = 0;
    let growing: (() => void) | null = null;
    const fresh = () =>
      scene && foliage.current?.key === foliageKey(scene, projection, turn.degrees()) ? foliage.current : null;
    const paint = () => {
      waiting = 0;
      if (element.width !== size.width * pixels) element.width = size.width * pixels;
      if (element.height !== size.height * pixels) element.height = size.height * pixels;
      context.setTransform(pixels, 0, 0, pixels, 0, 0);
      context.clearRect(0, 0, size.width, size.height);
      if (!scene || !layers) return;
      const brush = { context, projection, turn: turn.degrees() };
      paintTree(scene, layers, brush, fresh());
      if (look) paintLook(scene.drawing, look, brush, lookShades(dusk));
      shown.current = true;
    };
    const grow = () => {
      if (!scene || fresh()) return;
      growing = prepareFoliage(scene, projection, turn.degrees(), (sprites) => {
        foliage.current = sprites;
        if (!shown.current) paint();
      });
    };
    const stop = turn.listen(() => {
      growing?.();
      waiting ||= requestAnimationFrame(paint);
    });
    // A bench that opens lets its foliage grow first and stays at hand meanwhile; later it is painted at once.
    if (shown.current || !scene || fresh()) paint();
    grow();
    return () => {
      growing?.();
      cancelAnimationFrame(waiting);
      stop();
    };
  }, [drawing, rows, styles, dusk, projection, size, turn, look]);

  return (
    <Box
      ref={box}
      role="img"
      aria-label={describe}
      sx={{ position: "absolute", inset: 0, touchAction: "pan-y", cursor: "grab", "&:active": { cursor: "grabbing" } }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        pinch.down(event);
      }}
      onPointerUp={(event) => pinch.up(event)}
      onPointerCancel={(event) => pinch.up(event)}
      onPointerMove={(event) => {
        const fingers = pinch.move(event);
        if (fingers.closer !== undefined) onCloser?.(fingers.closer);
        if (fingers.two) return;
        if (event.buttons === 1) {
          setPointed(null);
          turn.by(event.movementX * 0.5);
        } else if (tell) {
          const { left, top } = event.currentTarget.getBoundingClientRect();
          setPointed(pointAt(drawing, projection, turn.degrees(), { x: event.clientX - left, y: event.clientY - top }));
        }
      }}
      onPointerLeave={() => setPointed(null)}
      {...closerBy(closer, onCloser)}
    >
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <TreeRoom
              room={room}
              half={(tree?.spread_m ?? ghost?.spread ?? 0) / 2}
              projection={projection}
              dusk={dusk}
              units={units}
            />
          </svg>
          <canvas ref={canvas} style={{ position: "absolute", inset: 0, width: size.width, height: size.height }} />
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            {ghost && !tree && <GhostTree ghost={ghost} projection={projection} dusk={dusk} units={units} />}
            <TreeDimensions drawing={drawing} projection={projection} dusk={dusk} units={units} />
          </svg>
          {pointed && tell && <Told x={pointed.x} y={pointed.y} text={tell(pointed.site)} />}
        </>
      )}
    </Box>
  );
}

function lookShades(dusk: boolean) {
  const tokens = dusk ? evening : day;
  return { heat: tokens.quince, ring: tokens.brick, ringText: tokens.card };
}

/** What is pointed at, in words beside it. */
function Told({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <Box
      role="status"
      sx={(theme) => ({
        position: "absolute",
        left: x + 16,
        top: y - 14,
        maxWidth: 260,
        px: 1,
        py: 0.5,
        borderRadius: "2px",
        fontSize: "0.8rem",
        bgcolor: theme.palette.text.primary,
        color: theme.palette.background.paper,
        boxShadow: 2,
        pointerEvents: "none",
      })}
    >
      {text}
    </Box>
  );
}
