import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { Suspense, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Schemas } from "../../api/client";
import { PieceShown } from "../../drawing/room/PieceShown";
import { frameOf, ROUND } from "../../drawing/room/pieceFrame";
import { APART, PortraitRow } from "../../drawing/shared/PortraitRow";
import { drawing as shadesOf } from "../../theme/tokens";
import { INCH, length, type Units } from "../../units/format";
import type { StripAt } from "../../drawing/room/layStrip";
import { useDrawnPlan } from "./useRoomView";
import type { StripProps } from "./WallStrip";

type Wall = Schemas["WallSeen"];
type Standing = Schemas["Standing"];

interface PieceProps extends Omit<StripProps, "at" | "standings" | "chosen"> {
  piece: Standing;
  wall: Wall;
  left: number;
  strip: StripAt;
  chosen: boolean;
}

/** Beside a piece so far it can be taken hold of, metres. */
const BESIDE = 0.03;
/** Along a wall one step of a key goes so far, metres. */
const STEP = 0.05;
const STRIDE = 0.5;
/** Keys at rest so long put it down, milliseconds. */
const AT_REST = 700;

export function PieceAtWall(props: PieceProps) {
  const { piece, wall, left, strip, styles, dusk, units, measures, chosen, choose, drag, put } = props;
  const { tokens } = useTheme().palette;
  const { scale, floor } = strip;
  const [at, setAt] = useState<number | null>(null);
  const held = useRef<{ pointer: number; from: number; moved: boolean } | null>(null);
  const timer = useRef(0);
  const now = at ?? piece.at_m;
  // What it hangs on or under may be taller than itself.
  const top = Math.max(piece.top_m, wall.ceiling_left_m, wall.ceiling_right_m);
  const frame = frameOf({ scale, middle: piece.middle_m, left: piece.left_m, right: piece.right_m, top });
  const head = frame.height - piece.top_m * scale;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const within = (metres: number) => Math.min(Math.max(metres, 0), wall.length_m);

  function move(to: number) {
    setAt(to);
    drag({ piece: piece.id, wall: wall.key, at_m: to, out_m: piece.place?.out_m ?? null });
  }
  async function putDown(to: number) {
    await put(piece, { wall: wall.key, at_m: Number(to.toFixed(4)), out_m: piece.place?.out_m ?? null });
    setAt(null);
  }
  function down(event: PointerEvent<HTMLDivElement>) {
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = { pointer: event.clientX, from: now, moved: false };
    choose(piece.id);
  }
  function over(event: PointerEvent<HTMLDivElement>) {
    if (!held.current) return;
    const off = event.clientX - held.current.pointer;
    if (!held.current.moved && Math.abs(off) < 4) return;
    held.current.moved = true;
    move(within(held.current.from + off / scale));
  }
  function up() {
    if (held.current?.moved && at !== null) void putDown(at);
    held.current = null;
  }
  function key(event: KeyboardEvent) {
    const step = units === "imperial" ? 2 * INCH : STEP;
    const by = { ArrowLeft: -step, ArrowRight: step, PageDown: -STRIDE, PageUp: STRIDE }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const to = within(now + by);
    move(to);
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => void putDown(to), AT_REST);
  }
  const where = `${length(now, units)} from the left of ${wall.name}`;
  return (
    <Box
      sx={{
        position: "absolute",
        left: left + frame.offset,
        top: floor - frame.height,
        width: frame.width,
        height: frame.height,
        transform: `translateX(${now * scale}px)`,
        pointerEvents: "none",
      }}
    >
      <PieceDrawn piece={piece} styles={styles} dusk={dusk} units={units} scale={scale} top={top} />
      <Box
        role="slider"
        tabIndex={0}
        aria-label={piece.name}
        aria-valuemin={0}
        aria-valuemax={Number(wall.length_m.toFixed(2))}
        aria-valuenow={Number(now.toFixed(2))}
        aria-valuetext={where}
        onPointerDown={down}
        onPointerMove={over}
        onPointerUp={up}
        onPointerCancel={up}
        onFocus={() => choose(piece.id)}
        onKeyDown={key}
        sx={{
          position: "absolute",
          left: (ROUND - BESIDE) * scale,
          right: (ROUND - BESIDE) * scale,
          top: head - 5,
          bottom: Math.max(piece.bottom_m * scale - 6, -3),
          pointerEvents: "auto",
          cursor: "grab",
          touchAction: "pan-y",
          borderRadius: "4px",
          border: chosen ? `2px solid ${tokens.plum}` : piece.assumed ? `1.5px dashed ${tokens.edge}` : "none",
          "&:active": { cursor: "grabbing" },
          "&:focus-visible": { outline: `2px solid ${tokens.plum}`, outlineOffset: 2 },
        }}
      />
      {measures && (
        <Box
          sx={{
            position: "absolute",
            left: "50%",
            top: head - 26,
            transform: "translateX(-50%)",
            whiteSpace: "nowrap",
            fontSize: 12,
            fontWeight: 600,
            px: 0.5,
            borderRadius: "3px",
            color: shades.strong,
            bgcolor: dusk ? "rgb(20 26 30 / .75)" : "rgb(255 255 255 / .8)",
          }}
        >
          {length(piece.top_m, units)} high
        </Box>
      )}
    </Box>
  );
}

interface DrawnProps {
  piece: Standing;
  styles: Schemas["Style"][];
  dusk: boolean;
  units: Units;
  scale: number;
  /** How far up is drawn, metres. */
  top: number;
}

/** As its bench draws it; until that is there with the strokes of its portrait. */
function PieceDrawn(props: DrawnProps) {
  const plan = useDrawnPlan(props.piece.id).data;
  const { piece, scale } = props;
  const { portrait } = piece;
  const frame = frameOf({ ...props, middle: piece.middle_m, left: piece.left_m, right: piece.right_m });
  const rough = portrait && (
    <Box sx={{ position: "absolute", bottom: 0, left: frame.x(portrait.left_m) - (APART / 2) * scale }}>
      <PortraitRow
        portraits={[portrait]}
        width={(portrait.right_m - portrait.left_m + APART) * scale}
        height={(portrait.top_m + 0.1) * scale}
        scale={scale}
      />
    </Box>
  );
  if (!plan) return rough;
  return (
    <Suspense fallback={rough}>
      <PieceShown plan={plan} {...props} middle={piece.middle_m} left={piece.left_m} right={piece.right_m} />
    </Suspense>
  );
}
