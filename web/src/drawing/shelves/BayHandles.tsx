import { useRef, useState, type KeyboardEvent } from "react";
import type { View } from "../grouping/groupingViews";
import { bayAt, bayBeside, type Bay, type ShelfThing } from "./shelvesViews";

interface Props {
  things: ShelfThing[];
  bays: Bay[];
  at: Pick<View, "x" | "y" | "scale">;
  /** What a bay is called: "bay". */
  noun: string;
  /** How what is held is outlined. */
  stroke: string;
  onMove: (thing: ShelfThing, to: Bay) => void;
}

/** Keys pressed within this go on from each other: the plan comes a moment after. */
const AT_REST = 1500;

/** Things to take hold of and put into another bay, by hand or with the arrow keys. */
export function BayHandles({ things, bays, at, noun, stroke, onMove }: Props) {
  const held = useRef<{ x: number; y: number } | null>(null);
  const pressed = useRef<{ number: number; bay: number; when: number } | null>(null);
  const [off, setOff] = useState<{ number: number; x: number; y: number } | null>(null);

  const under = (thing: ShelfThing, by: { x: number; y: number }) =>
    bayAt(bays, thing.left_m + by.x / at.scale, thing.foot_m + thing.height_m / 2 - by.y / at.scale);

  function key(event: KeyboardEvent, thing: ShelfThing) {
    const last = pressed.current;
    const goesOn = last?.number === thing.number && event.timeStamp - last.when < AT_REST;
    const from = bays.find(({ number }) => number === (goesOn ? last.bay : thing.bay));
    const to = from && !event.altKey && !event.ctrlKey && !event.metaKey ? bayBeside(bays, from, event.key) : null;
    if (!to) return;
    event.preventDefault();
    event.stopPropagation();
    pressed.current = { number: thing.number, bay: to.number, when: event.timeStamp };
    onMove(thing, to);
  }

  return (
    <g>
      {things.map((thing) => {
        const wide = Math.max(thing.across_m * at.scale, 12);
        const high = Math.max(thing.height_m * at.scale, 12);
        const by = off?.number === thing.number ? off : null;
        return (
          <rect
            key={thing.number}
            data-thing={thing.number}
            x={at.x(thing.left_m) - wide / 2 + (by?.x ?? 0)}
            y={at.y(thing.foot_m) - high + (by?.y ?? 0)}
            width={wide}
            height={high}
            rx={3}
            fill="transparent"
            stroke={by ? stroke : "none"}
            strokeDasharray="5 3"
            style={{ cursor: "grab", touchAction: "none", pointerEvents: "all" }}
            role="slider"
            tabIndex={0}
            aria-label={`${thing.name}, in which ${noun}`}
            aria-valuemin={1}
            aria-valuemax={bays.length}
            aria-valuenow={thing.bay}
            aria-valuetext={`${noun} ${thing.bay} of ${bays.length}`}
            onKeyDown={(event) => key(event, thing)}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              held.current = { x: event.clientX, y: event.clientY };
            }}
            onPointerMove={(event) => {
              if (!held.current) return;
              setOff({ number: thing.number, x: event.clientX - held.current.x, y: event.clientY - held.current.y });
            }}
            onPointerUp={() => {
              const to = by && under(thing, by);
              held.current = null;
              setOff(null);
              if (to && to.number !== thing.bay) onMove(thing, to);
            }}
            onPointerCancel={() => {
              held.current = null;
              setOff(null);
            }}
          />
        );
      })}
    </g>
  );
}
