import type { PointerEvent, WheelEvent } from "react";

/** Two fingers must part, or come together, by so much of their distance to mean it. */
const MEANT = 1.2;

type Touch = Pick<PointerEvent, "pointerId" | "clientX" | "clientY">;

/** Two fingers on a drawing: apart is closer, together is the whole of it again. */
export class Pinch {
  private fingers = new Map<number, Touch>();
  private began = 0;

  down(touch: Touch) {
    this.fingers.set(touch.pointerId, touch);
    this.began = this.apart();
  }

  up(touch: Touch) {
    this.fingers.delete(touch.pointerId);
    this.began = this.apart();
  }

  /** @returns whether two fingers are down, and what they mean once they have moved far enough */
  move(touch: Touch): { two: boolean; closer?: boolean } {
    if (!this.fingers.has(touch.pointerId)) return { two: false };
    this.fingers.set(touch.pointerId, touch);
    const apart = this.apart();
    if (apart === 0) return { two: false };
    const ratio = apart / this.began;
    if (ratio < MEANT && ratio > 1 / MEANT) return { two: true };
    this.began = apart;
    return { two: true, closer: ratio > 1 };
  }

  private apart(): number {
    const [one, other] = [...this.fingers.values()];
    if (!one || !other || this.fingers.size > 2) return 0;
    return Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
  }
}

/** Closer by two fingers, on a drawing that nothing else is dragged on. */
export function pinchedBy(pinch: Pinch, onCloser: ((closer: boolean) => void) | undefined) {
  return {
    onPointerDown: (event: PointerEvent) => pinch.down(event),
    onPointerUp: (event: PointerEvent) => pinch.up(event),
    onPointerCancel: (event: PointerEvent) => pinch.up(event),
    onPointerMove: (event: PointerEvent) => {
      const { closer } = pinch.move(event);
      if (closer !== undefined) onCloser?.(closer);
    },
  };
}

/** Closer by the wheel and by a double tap, as by two fingers. */
export function closerBy(closer: boolean, onCloser: ((closer: boolean) => void) | undefined) {
  return {
    onDoubleClick: () => onCloser?.(!closer),
    onWheel: ({ deltaY }: WheelEvent) => deltaY !== 0 && onCloser?.(deltaY < 0),
  };
}
