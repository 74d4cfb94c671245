import type { Schemas } from "../../api/client";
import type { Units } from "../../units/format";
import type { Kind, PlanOf } from "../../kinds/kind";

/** How one piece is drawn before its wall: seen straight from the front, at the scale of the whole wall. */
export interface DrawnInRoom<K extends Kind> {
  plan: PlanOf<K>;
  styles: Schemas["Style"][];
  dusk: boolean;
  units: Units;
  /** Pixels a metre. */
  scale: number;
  /** Where its middle is in its own measures, metres. */
  middle: number;
  /** How far it reaches from its middle, and up from the floor, metres. */
  left: number;
  right: number;
  top: number;
}

/** Free round a piece, so that neither what reaches over its outline nor its glow at dusk is cut off, metres. */
export const ROUND = 0.7;

/** The box a piece is drawn in: pixels, with metres of the piece itself mapped onto it. */
export function frameOf({
  scale,
  middle,
  left,
  right,
  top,
}: Pick<DrawnInRoom<Kind>, "scale" | "middle" | "left" | "right" | "top">) {
  const from = middle + left - ROUND;
  const width = (right - left + 2 * ROUND) * scale;
  const height = (top + ROUND) * scale;
  return {
    scale,
    left: 0,
    top: 0,
    width,
    height,
    floor: height,
    x: (metres: number) => (metres - from) * scale,
    y: (metres: number) => height - metres * scale,
    /** Where the box begins, pixels from the middle of the piece. */
    offset: (left - ROUND) * scale,
  };
}
