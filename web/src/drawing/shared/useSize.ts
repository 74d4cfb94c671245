import { useLayoutEffect, useState, type RefObject } from "react";

/** How large a drawing may be, in pixels of the page. */
export interface StageSize {
  width: number;
  height: number;
}

/** Below this a drawing is pressed by fingers, and the tools over it are as large as they are. */
const HAND = 600;

/** What a drawing leaves free at its upper edge for the tools over it, pixels. */
export function headOf({ width }: StageSize, desk: number): number {
  return width > 0 && width < HAND ? Math.max(desk, 66) : desk;
}

/** How large an element is, followed as it changes. */
export function useSize(box: RefObject<HTMLDivElement | null>): StageSize {
  const [size, setSize] = useState<StageSize>({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setSize({ width: element.clientWidth, height: element.clientHeight }));
    observer.observe(element);
    return () => observer.disconnect();
  }, [box]);
  return size;
}
