import Box from "@mui/material/Box";
import { memo, useLayoutEffect, useRef } from "react";
import { useLight } from "../../app/light";
import { paintThumbnail, type Drawn } from "../../drawing/shared/thumbnail";

interface Props {
  thing: Drawn;
  /** Its place in the list: balls bear their patterns by turns. */
  place: number;
  size: number;
}

/** One thing of the stock, drawn small. */
export const Thumbnail = memo(function Thumbnail({ thing, place, size }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { dusk } = useLight();
  useLayoutEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!canvas.current || !context) return;
    const pixels = Math.min(window.devicePixelRatio || 1, 2);
    canvas.current.width = size * pixels;
    canvas.current.height = size * pixels;
    context.setTransform(pixels, 0, 0, pixels, 0, 0);
    context.clearRect(0, 0, size, size);
    paintThumbnail({ context, size, dusk, pixels }, thing, place);
  }, [thing, place, size, dusk]);
  return <Box component="canvas" ref={canvas} aria-hidden sx={{ width: size, height: size, flexShrink: 0 }} />;
});
