import type { Schemas } from "../../api/client";
import { ratio } from "../../units/format";

type View = Schemas["ViewSeen"];

/** What leads from a place, in two short lines. */
export function viewTold({ seen, verdict }: View): string[] {
  const [first, second] = seen;
  if (!first) return ["nothing is seen", "from here"];
  if (!second) return [`${first.name}`, "alone"];
  if (verdict === "competing") return [`${first.name} and ${second.name}`, `compete, ${ratio(second.ratio)}`];
  return [`${first.name} first, ${verdict}`, `${second.name} ${ratio(second.ratio)}`];
}

export const WAYS: Record<Schemas["ViewOffer"]["way"], string> = {
  unlit: "Without its lights",
  smaller: "Smaller",
  less_contrast: "Half the contrast to what is behind it",
  moved: "Elsewhere",
};

export const VIEWPOINTS: Record<Schemas["ViewpointKind"], string> = {
  door: "a door",
  sofa: "a sofa",
  sink: "the sink",
  seat: "a seat",
  photograph: "where photographs are taken",
  other: "somewhere else",
};

export const THINGS: Record<Schemas["RoomThingKind"], string> = {
  sofa: "sofa",
  chair: "chair",
  table: "table",
  bench: "bench",
  cabinet: "cabinet",
  shelf: "shelves",
  console: "console",
  mantel: "mantel",
  stove: "stove",
  lamp: "lamp",
  mirror: "mirror",
  picture: "picture",
  media: "screen",
  sink: "sink",
  bed: "bed",
  other: "something else",
};
