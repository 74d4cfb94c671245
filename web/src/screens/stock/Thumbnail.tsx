import Box from "@mui/material/Box";
import { memo, useLayoutEffect, useRef, useState } from "react";
import { photograph } from "../../api/photographs";
import { useLight } from "../../app/light";
import { paintThumbnail, type Drawn } from "../../drawing/shared/thumbnail";

interface Props {
  thing: Drawn & { photographs?: string[] };
  /** Its place in the list: balls bear their patterns by turns. */
  place: number;
  size: number;
}

/** One thing of the stock, small: as it was photographed, else drawn. */
export const Thumbnail = memo(function Thumbnail(props: Props) {
  const [unseen, setUnseen] = useState<string | null>(null);
  const { thing, size } = props;
  const leading = thing.photographs?.[0];
  if (!leading || leading === unseen) return <DrawnThumbnail {...props} />;
  return (
    <Box
      component="img"
      src={photograph(leading, "small")}
      alt=""
      loading="lazy"
      // Without network it is drawn.
      onError={() => setUnseen(leading)}
      sx={{ width: size, height: size, objectFit: "cover", borderRadius: 1, flexShrink: 0 }}
    />
  );
});

function DrawnThumbnail({ thing, place, size }: Props) {
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
}
