import type { Schemas } from "../../api/client";
import type { DrawnStyle } from "../shared/paintOrnament";

/** Styles as a drawing needs them; those chosen get a pattern each, in their order. */
export function drawnStyles(styles: Schemas["Style"][], chosen: string[]): Map<string, DrawnStyle> {
  return new Map(
    styles.map((style) => [
      style.id,
      {
        colour: style.colour ?? "#8c8f8a",
        diameter: (style.diameter_mm ?? 70) / 1000,
        pattern: Math.max(chosen.indexOf(style.id), 0),
      },
    ]),
  );
}
