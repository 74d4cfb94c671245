import type { Schemas } from "../../api/client";
import type { AnyPlan } from "../../kinds/kind";
import { drawing as shadesOf } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { frameOf } from "./pieceFrame";
import { PieceShown } from "./PieceShown";

interface Props {
  standing: Schemas["Standing"];
  plan: AnyPlan;
  styles: Schemas["Style"][];
  units: Units;
  ceiling: number;
  width: number;
  height: number;
}

/** Round the piece, metres. */
const ROUND_ABOUT = 0.25;
/** What begins lower stands on the floor, metres. */
const STANDING = 0.3;
const FILL = 0.92;

/** One piece alone before a plain wall, as large as it goes. */
export function PiecePicture({ standing, plan, styles, units, ceiling, width, height }: Props) {
  const { left_m: left, right_m: right, bottom_m: bottom, top_m: top, middle_m: middle } = standing;
  const shades = shadesOf.day;
  const low = bottom < STANDING ? 0 : bottom - ROUND_ABOUT;
  const high = top + ROUND_ABOUT;
  const scale = Math.min(width / (right - left + 2 * ROUND_ABOUT), (height * FILL) / (high - low));
  const stands = low === 0;
  const floor = stands ? height * FILL : height / 2 + ((low + high) / 2) * scale;
  const reach = { middle, left, right, top: Math.max(top, ceiling) };
  const frame = frameOf({ scale, ...reach });
  return (
    <>
      <svg width={width} height={height} style={{ position: "absolute", inset: 0 }} aria-hidden>
        <rect width={width} height={height} fill={shades.wallTop} />
        {stands && <rect y={floor} width={width} height={height} fill={shades.floor} />}
      </svg>
      <div
        style={{
          position: "absolute",
          left: width / 2 - ((left + right) / 2) * scale + frame.offset,
          top: floor - frame.height,
          width: frame.width,
          height: frame.height,
        }}
      >
        <PieceShown {...{ plan, styles, units, scale }} dusk={false} {...reach} />
      </div>
    </>
  );
}
