import { useRef } from "react";
import type { Grouping, Thing, View } from "./groupingViews";

export interface Moved {
  /** From the left end of the surface and from the wall, metres. */
  left_m: number;
  out_m: number;
}

interface Props {
  drawing: Grouping;
  at: View;
  /** In the view from above a thing is moved from the wall too. */
  deep: boolean;
  onMove: (thing: Thing, to: Moved) => void;
}

const FINE_M = 0.005;

function within(metres: number, most: number): number {
  return Math.round(Math.min(Math.max(metres, 0), most) / FINE_M) * FINE_M;
}

/** Things to take hold of, the front ones first; the dials below say the same. */
export function ThingHandles({ drawing, at, deep, onMove }: Props) {
  const held = useRef<{ thing: Thing; x: number; y: number } | null>(null);
  const { surface, things = [] } = drawing;
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
              const out = deep ? (event.clientY - from.y) / at.scale : 0;
              onMove(from.thing, {
                left_m: within(from.thing.left_m + across, surface.length_m ?? 1),
                out_m: within(from.thing.out_m + out, surface.depth_m),
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
