import { useRef } from "react";
import type { WreathView } from "../wreath/wreathProjection";
import type { Ring } from "./wallProjection";

/** Where the group was when a ring was taken hold of. */
export interface Arranged {
  gap_m: number;
  middle_m: number;
}

export interface Rearranging {
  now: Arranged;
  least_m: number;
  onChange: (arranged: Partial<Arranged>) => void;
}

/** A ring that moves less than this for a metre more between them stays where it is. */
const STILL = 0.05;
const MOST_GAP_M = 5;

function rounded(metres: number, to: number): number {
  return Math.round(metres / to) * to;
}

/** What a drag of one ring says of all of them: how far apart they hang, and how high their middle is. */
export function dragged(ring: Ring, from: Arranged, least: number, across: number, up: number): Partial<Arranged> {
  const { moves_across, moves_up } = ring;
  const sideways = Math.abs(moves_across) > STILL;
  const apart = sideways ? across / moves_across : Math.abs(moves_up) > STILL ? up / moves_up : 0;
  const gap = Math.min(Math.max(rounded(from.gap_m + apart, 0.005), least), MOST_GAP_M);
  const lifted = sideways ? up - (gap - from.gap_m) * moves_up : apart === 0 ? up : 0;
  const middle = Math.max(rounded(from.middle_m + lifted, 0.01), 0);
  return { ...(apart !== 0 && { gap_m: gap }), ...(lifted !== 0 && { middle_m: middle }) };
}

interface Props {
  rings: Ring[];
  at: WreathView;
  rearranging: Rearranging;
}

/** Rings to take hold of: one is dragged and the rest space themselves by the rule. The dials below say the same. */
export function RingHandles({ rings, at, rearranging }: Props) {
  const held = useRef<{ ring: Ring; x: number; y: number; from: Arranged } | null>(null);
  const { now, least_m, onChange } = rearranging;
  return (
    <g aria-hidden>
      {rings.map((ring) => (
        <circle
          key={ring.number}
          data-ring={ring.number}
          cx={at.x(ring.left_m)}
          cy={at.y(ring.floor_m)}
          r={Math.max((ring.diameter_m / 2) * at.scale, 22)}
          fill="transparent"
          style={{ cursor: "grab", touchAction: "none" }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            held.current = { ring, x: event.clientX, y: event.clientY, from: now };
          }}
          onPointerMove={(event) => {
            const one = held.current;
            if (one?.ring.number !== ring.number) return;
            const across = (event.clientX - one.x) / at.scale;
            const up = (one.y - event.clientY) / at.scale;
            const said = dragged(one.ring, one.from, least_m, across, up);
            if (Object.keys(said).length > 0) onChange(said);
          }}
          onPointerUp={() => {
            held.current = null;
          }}
        />
      ))}
    </g>
  );
}
