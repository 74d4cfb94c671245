import type { Schemas } from "../../api/client";

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
