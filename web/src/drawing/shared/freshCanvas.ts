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
