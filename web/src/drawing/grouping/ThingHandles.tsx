import { useRef } from "react";
import type { Thing, View } from "./groupingViews";

export interface Moved {
  /** From the left end of what it stands on, and from the edge it is measured from, metres. */
  left_m: number;
  out_m: number;
}

/** What can be taken hold of. */
export type Held = Pick<Thing, "number" | "left_m" | "out_m" | "across_m" | "deep_m" | "height_m" | "foot_m">;

interface Props<T extends Held> {
  things: T[];
  /** How long and how deep what they stand on is, metres. */
  long_m: number;
  deep_m: number;
  at: View;
  /** In the view from above a thing is moved to and fro too. */
  deep: boolean;
  onMove: (thing: T, to: Moved) => void;
}

const FINE_M = 0.005;

function within(metres: number, most: number): number {
  return Math.round(Math.min(Math.max(metres, 0), most) / FINE_M) * FINE_M;
}

/** Things to take hold of, the front ones first; the dials below say the same. */
export function ThingHandles<T extends Held>({ things, long_m, deep_m, at, deep, onMove }: Props<T>) {
  const held = useRef<{ thing: T; x: number; y: number } | null>(null);
  const downward = Math.sign(at.y(1) - at.y(0));
  return (
    <g aria-hidden>
      {things.map((thing) => {
        const wide = Math.max(thing.across_m * at.scale, 12);
        const high = Math.max((deep ? thing.deep_m : thing.height_m) * at.scale, 12);
        const y = deep ? at.y(thing.out_m) - high / 2 : at.y(thing.foot_m) - high;
        return (
          <rect
            key={thing.number}
            data-thing={thing.number}
            x={at.x(thing.left_m) - wide / 2}
            y={y}
            width={wide}
            height={high}
            fill="transparent"
            style={{ cursor: "grab", touchAction: "none" }}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              held.current = { thing, x: event.clientX, y: event.clientY };
            }}
            onPointerMove={(event) => {
              const from = held.current;
              if (from?.thing.number !== thing.number) return;
              const across = (event.clientX - from.x) / at.scale;
              const out = deep ? (downward * (event.clientY - from.y)) / at.scale : 0;
              onMove(from.thing, {
                left_m: within(from.thing.left_m + across, long_m),
                out_m: within(from.thing.out_m + out, deep_m),
              });
            }}
            onPointerUp={() => {
              held.current = null;
            }}
          />
        );
      })}
    </g>
  );
}
