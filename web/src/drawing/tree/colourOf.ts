import type { TreeScene } from "./paintTree";

/** What is drawn of a style that has no colour, or where none is chosen. */
export const NO_COLOUR = "#8c8f8a";

/** The colour of one of the styles a part of the drawing names. */
export function colourOf(scene: TreeScene, ids: string[], which: number | undefined): string {
  const id = ids[which ?? 0];
  return (id && scene.styles.get(id)?.colour) ?? NO_COLOUR;
}
