import { useRef, type KeyboardEvent, type ReactNode } from "react";
import { length, type Units } from "../../units/format";
import type { Thing, View } from "./groupingViews";

export interface Moved {
  /** From the left end of what it stands on, and from the edge it is measured from, metres. */
  left_m: number;
  out_m: number;
}

/** What can be taken hold of. */
export type Held = Pick<Thing, "number" | "name" | "left_m" | "out_m" | "across_m" | "deep_m" | "height_m" | "foot_m">;

interface Props<T extends Held> {
  things: T[];
  /** How long and how deep what they stand on is, metres. */
  long_m: number;
  deep_m: number;
  /** From where the second is measured: "the wall". */
  from: string;
  at: View;
  /** In the view from above a thing is moved to and fro too. */
  deep: boolean;
  /** Whether the keyboard reaches them here; where two views show the same things, in one of them. */
  keys: boolean;
  units: Units;
  onMove: (thing: T, to: Moved) => void;
}

const FINE_M = 0.005;
const STEP_M = 0.01;
const HALF_INCH_M = 0.0127;
const STRIDE = 10;
/** Keys pressed within this go on from each other: the plan comes a moment after. */
const AT_REST = 1500;

function bounded(metres: number, most: number): number {
  return Math.min(Math.max(metres, 0), most);
}

function within(metres: number, most: number): number {
  return Math.round(bounded(metres, most) / FINE_M) * FINE_M;
}

/** Things to take hold of, by hand or by the arrow keys, the front ones first; the dials below say the same. */
export function ThingHandles<T extends Held>(props: Props<T>) {
  const { things, long_m, deep_m, from: edge, at, deep, keys, units, onMove } = props;
  const held = useRef<{ thing: T; x: number; y: number } | null>(null);
  const pressed = useRef<(Moved & { number: number; when: number }) | null>(null);
  const downward = Math.sign(at.y(1) - at.y(0));

  function key(event: KeyboardEvent, thing: T) {
    const step = (units === "imperial" ? HALF_INCH_M : STEP_M) * (event.shiftKey ? STRIDE : 1);
    const by = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      // Upwards on the screen: away from who looks, in the view from the front; else as it is drawn.
      ArrowUp: [0, deep ? -downward * step : -step],
      ArrowDown: [0, deep ? downward * step : step],
    }[event.key];
    if (!by || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    const last = pressed.current;
    const goesOn = last?.number === thing.number && event.timeStamp - last.when < AT_REST;
    const base = goesOn ? last : thing;
    const to = {
      left_m: bounded(base.left_m + (by[0] ?? 0), long_m),
      out_m: bounded(base.out_m + (by[1] ?? 0), deep_m),
    };
    pressed.current = { ...to, number: thing.number, when: event.timeStamp };
    onMove(thing, to);
  }

  return (
    <g aria-hidden={!keys}>
      {things.map((thing) => {
        const wide = Math.max(thing.across_m * at.scale, 12);
        const high = Math.max((deep ? thing.deep_m : thing.height_m) * at.scale, 12);
        const y = deep ? at.y(thing.out_m) - high / 2 : at.y(thing.foot_m) - high;
        const reached = keys && {
          role: "slider",
          tabIndex: 0,
          "aria-label": `${thing.name}, where it stands`,
          "aria-valuemin": 0,
          "aria-valuemax": Number(long_m.toFixed(2)),
          "aria-valuenow": Number(thing.left_m.toFixed(2)),
          "aria-valuetext": `${length(thing.left_m, units)} from the left, ${length(thing.out_m, units)} from ${edge}`,
        };
        return (
          <rect
            key={thing.number}
            data-thing={thing.number}
            x={at.x(thing.left_m) - wide / 2}
            y={y}
            width={wide}
            height={high}
            rx={2}
            fill="transparent"
            style={{ cursor: "grab", touchAction: "none", pointerEvents: "all" }}
            {...reached}
            onKeyDown={(event) => key(event, thing)}
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

/** Over a drawing: what can be taken hold of, by its names; the rest of the drawing lets the pointer through. */
export function HandlesOver({ width, height, children }: { width: number; height: number; children: ReactNode }) {
  return (
    <svg
      role="group"
      aria-label="What can be moved, by hand or with the arrow keys"
      width={width}
      height={height}
      style={{ position: "absolute", inset: 0, pointerEvents: "none" }}
    >
      {children}
    </svg>
  );
}
