import { useRef, useState, type PointerEvent } from "react";

/** So many pixels a pointer may tremble. */
const STILL = 5;

/** Something pulled about with a pointer; a finger moves the page instead. */
export function useDrag(onDrop: (across: number, down: number) => void) {
  const start = useRef<{ x: number; y: number } | null>(null);
  const dropped = useRef(false);
  const [by, setBy] = useState<{ across: number; down: number } | null>(null);
  return {
    by,
    /** Whether the click that follows belongs to a drag. */
    wasDragged: () => dropped.current,
    handlers: {
      onPointerDown(event: PointerEvent<HTMLElement>) {
        dropped.current = false;
        if (event.pointerType === "touch" || event.button !== 0) return;
        start.current = { x: event.clientX, y: event.clientY };
        event.currentTarget.setPointerCapture(event.pointerId);
      },
      onPointerMove(event: PointerEvent<HTMLElement>) {
        if (!start.current) return;
        const [across, down] = [event.clientX - start.current.x, event.clientY - start.current.y];
        if (by || Math.hypot(across, down) > STILL) setBy({ across, down });
      },
      onPointerUp() {
        start.current = null;
        if (!by) return;
        dropped.current = true;
        setBy(null);
        onDrop(by.across, by.down);
      },
      onPointerCancel() {
        start.current = null;
        setBy(null);
      },
    },
  };
}
