import { inSlices } from "./inSlices";
import type { StageSize } from "./useSize";

/** A canvas emptied and as large as the stage, drawn on in pixels of the page; how many of its own make one. */
export function freshCanvas(
  element: HTMLCanvasElement | null,
  size: StageSize,
): { context: CanvasRenderingContext2D; pixels: number } | null {
  const context = element?.getContext("2d");
  if (!element || !context || size.width === 0) return null;
  const pixels = window.devicePixelRatio || 1;
  element.width = size.width * pixels;
  element.height = size.height * pixels;
  context.setTransform(pixels, 0, 0, pixels, 0, 0);
  context.clearRect(0, 0, size.width, size.height);
  return { context, pixels };
}

/** Paints aside in slices and lays the picture down whole; the one before stays until then. Gives what stops it. */
export function paintAside(
  element: HTMLCanvasElement | null,
  size: StageSize,
  paint: (context: CanvasRenderingContext2D, pixels: number) => Iterator<unknown>,
): () => void {
  const sheet = document.createElement("canvas");
  const fresh = freshCanvas(sheet, size);
  if (!fresh) return () => undefined;
  return inSlices(paint(fresh.context, fresh.pixels), () => {
    const shown = freshCanvas(element, size)?.context;
    // Dot for dot: sizes that are no whole number of dots would be blurred.
    shown?.resetTransform();
    shown?.drawImage(sheet, 0, 0);
  });
}
