import type { Schemas } from "../../api/client";

type Drawing = Schemas["TreeDrawing"];

/** Whether a tree's drawing has all its parts, where ornaments hang among them. */
export function whole(drawing: Drawing): drawing is Required<Drawing> {
  return Boolean(
    drawing.tree &&
    drawing.ornaments &&
    drawing.ribbon &&
    drawing.garland &&
    drawing.picks &&
    drawing.bulbs &&
    drawing.crown &&
    drawing.foot,
  );
}
