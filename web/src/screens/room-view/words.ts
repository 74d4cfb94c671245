import type { Schemas } from "../../api/client";
import { ratio } from "../../units/format";

type Balance = NonNullable<Schemas["WallSeen"]["balance"]>;

/** How a wall hangs on its beam, as one would say it. */
export function balanceTold({ value, verdict, side, answered_by }: Balance): string {
  const much = ratio(Math.abs(value));
  if (verdict === "even") return Number(much) === 0 ? "even" : `even, ${much} to the ${value < 0 ? "left" : "right"}`;
  if (verdict === "leaning") return `leans ${side} ${much}`;
  return answered_by ? `one-sided ${side} ${much}: answered by ${answered_by}` : `one-sided ${side} ${much}`;
}

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
